package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LadderTest {
    /** Every colour of a coarse cube. */
    private static Stream<Rgb> bases() {
        return IntStream.range(0, 9 * 9 * 9)
                .mapToObj(i ->
                        new Rgb(Math.min(255, i / 81 * 32), Math.min(255, i / 9 % 9 * 32), Math.min(255, i % 9 * 32)));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "ladders.csv", useHeadersInDisplayName = true)
    void runsToEndsOfTheirOwnLightnessAndChroma(String hex, double away, String step) {
        Swatches.assertNearly(Ladder.at(Rgb.ofHex(hex), away), step);
    }

    /** Lightness falls from 0.97 to 0.17 in equal steps, and the colour stands where it comes nearest. */
    @ParameterizedTest
    @CsvSource({"FFFFFF, 9, 0", "000000, 9, 8", "777777, 9, 4", "777777, 5, 2", "777777, 3, 1", "FFD400, 15, 2"})
    void theColorStandsWhereItsLightnessBelongs(String hex, int count, int place) {
        Ladder ladder = Ladder.of(Rgb.ofHex(hex), count);
        assertThat(ladder.base()).isEqualTo(place);
        assertThat(ladder.away(place)).isZero();
        assertThat(ladder.away(0)).isEqualTo(place == 0 ? 0 : 1);
        assertThat(ladder.away(count - 1)).isEqualTo(place == count - 1 ? 0 : -1);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 16})
    void hasThreeToFifteenSteps(int count) {
        assertThatThrownBy(() -> Ladder.of(Rgb.BLACK, count)).isInstanceOf(IllegalArgumentException.class);
    }

    private static double luminance(Rgb rgb) {
        // The ratio to black grows with luminance and with nothing else.
        return ContrastRatio.between(rgb, Rgb.BLACK).value();
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 9, 15})
    void stepsGetDarkerAndTheBaseIsOneOfThem(int count) {
        bases().forEach(base -> {
            Ladder ladder = Ladder.of(base, count);
            List<Rgb> steps = ladder.steps();
            assertThat(steps).hasSize(count);
            assertThat(steps.get(ladder.base())).isEqualTo(base);
            for (int i = 1; i < count; i++) {
                assertThat(luminance(steps.get(i)))
                        .as(base + " at " + i)
                        .isLessThanOrEqualTo(luminance(steps.get(i - 1)));
            }
        });
    }

    @Test
    void endsAreNeverPureBlackOrWhiteUnlessTheBaseIs() {
        bases().filter(base -> !base.equals(Rgb.BLACK) && !base.equals(Rgb.WHITE))
                .forEach(base -> assertThat(Ladder.of(base, Ladder.USUAL).steps())
                        .as(base.hex())
                        .doesNotContain(Rgb.BLACK, Rgb.WHITE));
    }

    @Test
    void keepsTheHueOfAStrongBase() {
        Rgb teal = Rgb.ofHex("0F7C7A");
        Ladder.of(teal, Ladder.USUAL)
                .steps()
                .forEach(step -> assertThat(Oklch.of(step)
                                .hue()
                                .orElseThrow()
                                .distanceTo(Oklch.of(teal).hue().orElseThrow()))
                        .isLessThan(8));
    }
}
