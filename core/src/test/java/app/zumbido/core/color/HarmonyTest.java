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

    /** Lightness by fixed steps within 0.16 and 0.96, chroma by shares; set by eye, common practice, no published source. */
    @ParameterizedTest
    @CsvSource({
        "0.5, 0.1, 0.72 0.62 0.4 0.3, 0.06 0.045 0.045 0.08",
        "0.9, 0.1, 0.96 0.96 0.8 0.7, 0.06 0.045 0.045 0.08",
        "0.2, 0.2, 0.42 0.32 0.16 0.16, 0.12 0.09 0.09 0.16"
    })
    void aMonochromaticSeriesStepsInLightnessAndStrength(
            double lightness, double chroma, String lightnesses, String chromas) {
        List<Harmony.Partner> partners =
                Harmony.MONOCHROMATIC.partnersOf(new Oklch(lightness, chroma, Optional.of(Degrees.of(200))));
        String[] wantedL = lightnesses.split(" ");
        String[] wantedC = chromas.split(" ");
        for (int i = 0; i < 4; i++) {
            assertThat(partners.get(i).wanted().l()).isCloseTo(Double.parseDouble(wantedL[i]), within(1e-9));
            assertThat(partners.get(i).wanted().c()).isCloseTo(Double.parseDouble(wantedC[i]), within(1e-9));
        }
    }
}
