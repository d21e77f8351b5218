package app.zumbido.core.logos;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklab;
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
        List<LogoPart> parts =
                List.of(new LogoPart(NAVY, 0.7), new LogoPart(TEAL, 0.285), new LogoPart(Rgb.WHITE, 0.015));
        // White on white, but too little to matter.
        assertThat(LogoPart.weakest(parts, Rgb.WHITE)).contains(parts.get(1));
        assertThat(LogoPart.read(parts, Rgb.WHITE)).isTrue();
        assertThat(LogoPart.weakest(parts, NAVY)).contains(parts.get(0));
        assertThat(LogoPart.read(parts, NAVY)).isFalse();
        assertThat(LogoPart.read(List.of(), NAVY)).isFalse();
    }

    @Test
    void turnsNeutralsRoundAndRaisesTheOthersOnlyAsFarAsItTakes() {
        Rgb ink = Rgb.ofHex("1F1F1F");
        Map<Rgb, Rgb> dark = ForDark.of(List.of(ink, NAVY, TEAL, ORANGE), Map.of(), NAVY);
        assertThat(dark.get(ink).red()).isGreaterThan(150);
        // It reads already.
        assertThat(dark.get(ORANGE)).isEqualTo(ORANGE);
        for (Rgb color : List.of(NAVY, TEAL)) {
            assertThat(ContrastRatio.between(dark.get(color), NAVY).value()).isBetween(3.0, 3.2);
        }
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
