package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.color.Rgb;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Encoded values run evenly from stop to stop: W3C CSS Images Level 4, 3.5; worked by hand. */
class GradientTest {
    private static Gradient gradient(String stops) {
        return new Gradient(Arrays.stream(stops.split(" ")).map(Rgb::ofHex).toList());
    }

    @ParameterizedTest
    @CsvSource({
        "000000 FFFFFF, 0, 000000",
        "000000 FFFFFF, 0.2, 333333",
        "000000 FFFFFF, 0.5, 808080",
        "000000 FFFFFF, 1, FFFFFF",
        "000000 FFFFFF, -1, 000000",
        "000000 FFFFFF, 2, FFFFFF",
        "FF0000 00FF00 0000FF, 0.25, 808000",
        "FF0000 00FF00 0000FF, 0.5, 00FF00",
        "FF0000 00FF00 0000FF, 0.6, 00CC33",
        "0B2A4A 0F7C7A, 0.25, 0C3F56"
    })
    void mixesEncodedValuesEvenly(String stops, double place, String hex) {
        assertThat(gradient(stops).at(place).digits()).isEqualTo(hex);
    }

    @Test
    void hasTwoOrThreeStops() {
        assertThatThrownBy(() -> new Gradient(List.of(Rgb.BLACK))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> gradient("000000 111111 222222 333333")).isInstanceOf(IllegalArgumentException.class);
    }
}
