package app.zumbido.core.contrast;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Both sides of each border: vivid, of like lightness, far round the circle. Common practice, no published source. */
class ClashTest {
    private static Rgb color(double lightness, double chroma, double hue) {
        return GamutMapping.toRgb(new Oklch(lightness, chroma, Optional.of(Degrees.of(hue))));
    }

    @ParameterizedTest
    @CsvSource({
        "0.65, 0.15, 20, 0.65, 0.15, 140, true",
        "0.65, 0.15, 20, 0.65, 0.125, 140, true",
        "0.65, 0.15, 20, 0.65, 0.115, 140, false",
        "0.65, 0.115, 20, 0.65, 0.15, 140, false",
        "0.55, 0.15, 20, 0.79, 0.15, 140, true",
        "0.55, 0.15, 20, 0.81, 0.15, 140, false",
        "0.65, 0.15, 20, 0.65, 0.14, 83, true",
        "0.65, 0.15, 20, 0.65, 0.14, 77, false",
        "0.65, 0.15, 340, 0.65, 0.14, 43, true",
        "0.65, 0.15, 340, 0.65, 0.14, 37, false"
    })
    void vividColorsOfLikeLightnessAndFarHuesVibrate(
            double l1, double c1, double h1, double l2, double c2, double h2, boolean clash) {
        Rgb one = color(l1, c1, h1);
        Rgb other = color(l2, c2, h2);
        assertThat(Clash.between(one, other)).isEqualTo(clash);
        assertThat(Clash.between(other, one)).isEqualTo(clash);
        assertThat(Clash.between(one, Rgb.ofHex("808080"))).isFalse();
    }
}
