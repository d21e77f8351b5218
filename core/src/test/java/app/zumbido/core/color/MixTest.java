package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixTest {
    private static final Rgb TEAL = Rgb.ofHex("0F7C7A");

    /** Rounding to 8 bits moves each a little. */
    @ParameterizedTest
    @CsvSource({"0.1, 0, 0", "-0.03, 0, 0", "0, -0.03, 0", "0, 0, 20", "0.05, -0.02, -15"})
    void changesEachPartAndHoldsTheOthers(double lightness, double chroma, double hue) {
        Oklch before = Oklch.of(TEAL);
        Shown mixed = new Mix(lightness, chroma, hue).apply(TEAL);
        Oklch after = Oklch.of(mixed.color());
        assertThat(mixed.inside()).isTrue();
        assertThat(after.l()).isCloseTo(before.l() + lightness, within(0.004));
        assertThat(after.c()).isCloseTo(before.c() + chroma, within(0.004));
        assertHue(after, before, hue);
    }

    /** Dark teals have little chroma to give: the tone is held, and so is the lightness that was asked for. */
    @ParameterizedTest
    @CsvSource({"-0.1, 0, 0", "-0.2, 0, 0", "0, 0.1, 0"})
    void givesUpChromaAloneWhenTheScreenHasNoSuchColor(double lightness, double chroma, double hue) {
        Oklch before = Oklch.of(TEAL);
        Shown mixed = new Mix(lightness, chroma, hue).apply(TEAL);
        Oklch after = Oklch.of(mixed.color());
        assertThat(mixed.inside()).isFalse();
        assertThat(after.l()).isCloseTo(before.l() + lightness, within(0.01));
        assertThat(after.c()).isLessThan(before.c() + chroma - 0.004);
        assertHue(after, before, hue);
    }

    private static void assertHue(Oklch after, Oklch before, double turn) {
        assertThat(after.hue()
                        .orElseThrow()
                        .distanceTo(Degrees.of(before.hue().orElseThrow().value() + turn)))
                .isLessThan(2.5);
    }

    @Test
    void saysWhenTheScreenHasNoSuchColor() {
        assertThat(new Mix(0, 0.3, 0).apply(TEAL).inside()).isFalse();
        assertThat(new Mix(0, 0, 0).apply(TEAL)).isEqualTo(new Shown(TEAL, true));
    }

    @Test
    void leavesAGreyGrey() {
        Rgb grey = Rgb.ofHex("777777");
        assertThat(new Mix(0, 0.2, 90).apply(grey).color()).isEqualTo(grey);
    }
}
