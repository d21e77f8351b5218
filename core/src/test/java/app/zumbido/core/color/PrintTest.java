package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said of a print; the borders are common practice, no published source. */
class PrintTest {
    /** @return a press that prints anything as one colour, with one amount of ink */
    private static PressProfile press(String printed, double ink) {
        return new PressProfile() {
            @Override
            public Cmyk toCmyk(Rgb rgb) {
                return new Cmyk(ink, ink, ink, ink);
            }

            @Override
            public Rgb toRgb(Cmyk inks) {
                return Rgb.ofHex(printed);
            }
        };
    }

    @ParameterizedTest
    @CsvSource({
        "0F7C7A, 0F7C7A, REACHED",
        "0F7C7A, 1F8C8A, REACHED",
        "0F7C7A, 3A8C8A, OUT_OF_REACH",
        "00F040, 5BB37A, LOSES_ITS_GLOW",
        "101010, 303030, REACHED",
        "3A3A3A, 101010, LOSES_ITS_GLOW"
    })
    void saysHowWellThePressReachesAColor(String hex, String printed, Print.Reach reach) {
        Rgb color = Rgb.ofHex(hex);
        Print print = Print.of(color, press(printed, 0.5));
        assertThat(print.printed()).isEqualTo(Rgb.ofHex(printed));
        assertThat(print.difference()).isCloseTo(Difference.between(color, Rgb.ofHex(printed)), within(1e-12));
        assertThat(print.reach()).as("a difference of %.1f", print.difference()).isEqualTo(reach);
    }

    @ParameterizedTest
    @CsvSource({"101010, true", "0A0A12, true", "303030, true", "333333, false", "200000, false", "0B2A4A, false"})
    void fineTextOfABlackNeedsOneInk(String hex, boolean black) {
        assertThat(Print.of(Rgb.ofHex(hex), press(hex, 0.5)).blackText()).isEqualTo(black);
    }

    @ParameterizedTest
    @CsvSource({"0, true, false", "0.001, true, false", "0.01, false, false", "0.74, false, false", "0.76, false, true"
    })
    void countsTheInks(double each, boolean paper, boolean tooMuch) {
        Print print = Print.of(Rgb.WHITE, press("FFFFFF", each));
        assertThat(print.isPaper()).isEqualTo(paper);
        assertThat(print.tooMuchInk()).isEqualTo(tooMuch);
    }
}
