package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HarmonyTest {
    /** Angles are common practice, no published source; the property is that lightness and chroma are held. */
    @ParameterizedTest
    @CsvSource({
        "COMPLEMENTARY, 180",
        "ANALOGOUS, -30 30",
        "TRIAD, 120 240",
        "SPLIT_COMPLEMENTARY, 150 210",
        "TETRAD, 90 180 270"
    })
    void turnsTheHueAndHoldsTheRest(Harmony harmony, String angles) {
        List<Double> turns =
                List.of(angles.split(" ")).stream().map(Double::valueOf).toList();
        IntStream.range(0, 36).map(i -> i * 10).forEach(degrees -> {
            Oklch base = new Oklch(0.6, 0.1, Optional.of(new Degrees(degrees)));
            List<Harmony.Partner> partners = harmony.partnersOf(base);
            assertThat(partners).hasSameSizeAs(turns);
            for (int i = 0; i < turns.size(); i++) {
                Oklch wanted = partners.get(i).wanted();
                assertThat(wanted.hue().orElseThrow().distanceTo(Degrees.of(degrees + turns.get(i))))
                        .isLessThan(1);
                assertThat(wanted.l()).isEqualTo(0.6);
                assertThat(wanted.c()).isEqualTo(0.1);
                assertThat(Oklch.of(partners.get(i).color()).l()).isCloseTo(0.6, within(0.03));
            }
        });
    }

    @Test
    void monochromaticStaysAtOneHue() {
        Oklch teal = Oklch.of(Rgb.ofHex("0F7C7A"));
        assertThat(Harmony.MONOCHROMATIC.partnersOf(teal))
                .hasSize(4)
                .allSatisfy(partner -> assertThat(partner.wanted().hue()).isEqualTo(teal.hue()));
    }

    @Test
    void aGreyHasNoHueToTurn() {
        Oklch grey = new Oklch(0.5, 0, Optional.empty());
        assertThat(Harmony.TRIAD.partnersOf(grey)).isEmpty();
        assertThat(Harmony.MONOCHROMATIC.partnersOf(grey)).hasSize(4);
    }
}
