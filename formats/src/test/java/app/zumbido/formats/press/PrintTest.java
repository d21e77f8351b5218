package app.zumbido.formats.press;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Print;
import app.zumbido.core.color.Rgb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the press makes of colours, on the real profile. Rules of the house: common practice, no published source. */
class PrintTest {
    private static Print print(String hex) {
        return Print.of(Rgb.ofHex(hex), CoatedPress.instance());
    }

    @Test
    void whiteIsThePaper() {
        assertThat(print("FFFFFF").isPaper()).isTrue();
        assertThat(print("FFFFFF").inks().total()).isLessThan(0.005);
        assertThat(print("EAF3F2").isPaper()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"000000, true", "161616, true", "0B2A4A, false", "5B6670, false", "FFFFFF, false"})
    void textThatIsNearlyBlackIsBlackInkAlone(String hex, boolean alone) {
        assertThat(print(hex).blackText()).isEqualTo(alone);
    }

    /** What the remedy sets is within the reach of the press itself, or it would be remarked on again. */
    @ParameterizedTest
    @CsvSource({"00FF00", "FF00B0", "2F5DFF"})
    void whatThePressGivesIsReached(String hex) {
        assertThat(print(hex).reach()).isNotEqualTo(Print.Reach.REACHED);
        Print again = Print.of(print(hex).printed(), CoatedPress.instance());
        assertThat(again.reach()).isEqualTo(Print.Reach.REACHED);
    }
}
