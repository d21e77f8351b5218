package app.zumbido.core.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LogoPartTest {
    private static final Rgb NAVY = Rgb.ofHex("0B2A4A");
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");
    private static final Rgb ORANGE = Rgb.ofHex("F2682A");

    @Test
    void isAsGoodAsItsWeakestPartThatCounts() {
        List<LogoPart> parts = List.of(
                new LogoPart(NAVY, 0.7, true), new LogoPart(TEAL, 0.285, true), new LogoPart(Rgb.WHITE, 0.015, true));
        // White on white, but too little to matter.
        assertThat(LogoPart.weakest(parts, Rgb.WHITE)).contains(parts.get(1));
        assertThat(LogoPart.read(parts, Rgb.WHITE)).isTrue();
        assertThat(LogoPart.weakest(parts, NAVY)).contains(parts.get(0));
        assertThat(LogoPart.read(parts, NAVY)).isFalse();
        assertThat(LogoPart.read(List.of(), NAVY)).isFalse();
    }

    @Test
    void turnsNeutralsAndVeryDarkColoursRoundAndRaisesTheOthersALittle() {
        Rgb ink = Rgb.ofHex("1F1F1F");
        Map<Rgb, Rgb> dark = ForDark.of(List.of(ink, NAVY, TEAL, ORANGE), Map.of(), NAVY);
        assertThat(dark.get(ink).red()).isGreaterThan(150);
        // It reads already.
        assertThat(dark.get(ORANGE)).isEqualTo(ORANGE);
        assertThat(ContrastRatio.between(dark.get(TEAL), NAVY).value()).isBetween(4.5, 4.8);
        assertThat(Oklch.of(dark.get(TEAL)).hue().orElseThrow().value())
                .isCloseTo(Oklch.of(TEAL).hue().orElseThrow().value(), offset(6.0));
        // What was nearly black is nearly white, with a hint of what it was.
        assertThat(Oklch.of(dark.get(NAVY)).l()).isGreaterThan(0.9);
        assertThat(dark.get(NAVY).blue()).isGreaterThan(dark.get(NAVY).red());
    }

    /** White letters in a dark badge are seen against the badge, whatever it stands on. */
    @Test
    void doesNotJudgeByWhatStandsOnAnotherPart() {
        List<LogoPart> badge = List.of(new LogoPart(NAVY, 0.8, true), new LogoPart(Rgb.WHITE, 0.2, false));
        assertThat(LogoPart.read(badge, Rgb.WHITE)).isTrue();
        assertThat(LogoPart.read(badge, NAVY)).isFalse();
    }

    @Test
    void keepsPartsApartThatTouch() {
        Rgb one = Rgb.ofHex("102030");
        Rgb other = Rgb.ofHex("182838");
        Map<Rgb, Rgb> together = ForDark.of(List.of(one, other), Map.of(), Rgb.BLACK);
        assertThat(Oklab.of(together.get(one)).distanceTo(Oklab.of(together.get(other))))
                .isLessThan(0.1);
        Map<Rgb, Rgb> apart =
                ForDark.of(List.of(one, other), Map.of(one, Set.of(other), other, Set.of(one)), Rgb.BLACK);
        assertThat(Oklab.of(apart.get(one)).distanceTo(Oklab.of(apart.get(other))))
                .isGreaterThanOrEqualTo(0.15);
        assertThat(ContrastRatio.between(apart.get(other), Rgb.BLACK).value()).isGreaterThanOrEqualTo(3);
    }
}
