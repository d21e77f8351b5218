package app.zumbido.formats.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Cmyk;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Print;
import app.zumbido.core.color.Rgb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class CoatedPressTest {
    private final CoatedPress press = CoatedPress.instance();

    /** ΔE00 of a colour and of its way through the profile and back, from memory; our way back is rounded to 8 bits. */
    @ParameterizedTest
    @CsvSource({"00FF00, 18.1", "FF00B0, 7.9", "2F5D8A, 0.5"})
    void losesWhatThePressCannotReach(String hex, double difference) {
        Rgb rgb = Rgb.ofHex(hex);
        assertThat(Difference.between(rgb, press.toRgb(press.toCmyk(rgb)))).isCloseTo(difference, within(0.3));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "inks.csv", useHeadersInDisplayName = true)
    void agreesWithAnIndependentEngine(double c, double m, double y, double k, double l, double a, double b) {
        Rgb rgb = press.toRgb(new Cmyk(c / 100, m / 100, y / 100, k / 100));
        Lab lab = Lab.of(rgb);
        assertThat(lab.l()).isCloseTo(l, within(1.0));
        assertThat(lab.a()).isCloseTo(a, within(1.5));
        assertThat(lab.b()).isCloseTo(b, within(1.5));
    }

    @Test
    void printsBlackTextInBlackInkAlone() {
        assertThat(press.toCmyk(Rgb.BLACK)).isEqualTo(new Cmyk(0, 0, 0, 1));
    }

    @Test
    void leavesThePaperWhite() {
        assertThat(press.toRgb(new Cmyk(0, 0, 0, 0))).isEqualTo(Rgb.WHITE);
        Cmyk white = press.toCmyk(Rgb.WHITE);
        assertThat(white.cyan() + white.magenta() + white.yellow() + white.black())
                .isCloseTo(0, within(0.02));
    }

    /** The differences were measured with LittleCMS on the same profile when it was made. */
    @ParameterizedTest
    @CsvSource({"00FF00, 18.1, LOSES_ITS_GLOW", "FF00B0, 7.9, OUT_OF_REACH", "2F5D8A, 0.5, REACHED"})
    void saysWhatThePressCannotReach(String hex, double difference, Print.Reach reach) {
        Print print = Print.of(Rgb.ofHex(hex), CoatedPress.instance());
        assertThat(print.difference()).isCloseTo(difference, within(0.3));
        assertThat(print.reach()).isEqualTo(reach);
    }

    @Test
    void blackIsBlackInkAloneAndWhiteIsPaper() {
        Print black = Print.of(Rgb.BLACK, CoatedPress.instance());
        assertThat(black.inks()).isEqualTo(new Cmyk(0, 0, 0, 1));
        assertThat(black.reach()).isEqualTo(Print.Reach.REACHED);
        assertThat(Print.of(Rgb.WHITE, CoatedPress.instance()).inks().total()).isLessThan(0.01);
        assertThat(Print.of(Rgb.ofHex("050505"), CoatedPress.instance()).tooMuchInk())
                .isTrue();
    }
}
