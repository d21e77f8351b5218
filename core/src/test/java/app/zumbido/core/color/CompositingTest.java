package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked by hand with the formula of W3C Compositing and Blending Level 1, 5.1. */
class CompositingTest {
    @ParameterizedTest
    @CsvSource({
        "FFFFFF, 0.7, 0B2A4A, #B6BFC9",
        "FFFFFF, 0.7, 0F7C7A, #B7D8D7",
        "FFFFFF, 0.3, 0B2A4A, #546A80",
        "FFFFFF, 0.3, 0F7C7A, #57A3A2",
        "FFFFFF, 0, 0B2A4A, #0B2A4A",
        "FFFFFF, 1, 0B2A4A, #FFFFFF",
        "FFFFFF, 0.5, 000000, #808080"
    })
    void laysAColorOverAnother(String overlay, double opacity, String ground, String seen) {
        Rgb result = Compositing.over(Rgb.ofHex(overlay), Fraction.of(opacity), Rgb.ofHex(ground));
        assertThat(result.hex()).isEqualTo(seen);
    }

    /** What a text reads on a dark overlay over two grounds that are often seen; common practice, no published source. */
    @ParameterizedTest
    @CsvSource({"E3E6E7, 3.30, 6.36", "A7B0B3, 2.57, 8.18"})
    void aDarkOverlayIsReadAsItIsSeen(String ground, double black, double white) {
        Rgb seen = Compositing.over(Rgb.ofHex("0A2A44"), Fraction.of(0.7), Rgb.ofHex(ground));
        assertThat(ContrastRatio.between(Rgb.BLACK, seen).value()).isCloseTo(black, within(0.005));
        assertThat(ContrastRatio.between(Rgb.WHITE, seen).value()).isCloseTo(white, within(0.005));
    }
}
