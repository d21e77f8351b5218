package app.zumbido.core.palette;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LadderTest {
    /** Every colour of a coarse cube. */
    private static Stream<Rgb> bases() {
        return IntStream.range(0, 9 * 9 * 9)
                .mapToObj(i ->
                        new Rgb(Math.min(255, i / 81 * 32), Math.min(255, i / 9 % 9 * 32), Math.min(255, i % 9 * 32)));
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
