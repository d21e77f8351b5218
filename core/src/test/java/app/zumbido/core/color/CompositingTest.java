package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;

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
}
