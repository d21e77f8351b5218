package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Against a general-purpose colour library; the source stands on the first line of the table. */
class SpacesTest {
    private static final Offset<Double> EXACT = within(1e-4);

    @ParameterizedTest
    @CsvFileSource(resources = "spaces.csv", useHeadersInDisplayName = true)
    void convertsAsTheReferenceDoes(
            String hex,
            double labL,
            double labA,
            double labB,
            double lchC,
            Double lchH,
            double okL,
            double okA,
            double okB,
            double okC,
            Double okH,
            Double hslH,
            double hslS,
            double hslL) {
        Rgb rgb = Rgb.ofHex(hex);

        Lab lab = Lab.of(rgb);
        assertThat(lab.l()).isCloseTo(labL, EXACT);
        assertThat(lab.a()).isCloseTo(labA, EXACT);
        assertThat(lab.b()).isCloseTo(labB, EXACT);
        assertThat(lab.chroma()).isCloseTo(lchC, EXACT);
        assertHue(lab.hue(), lchH);

        Oklab oklab = Oklab.of(rgb);
        assertThat(oklab.l()).isCloseTo(okL, EXACT);
        assertThat(oklab.a()).isCloseTo(okA, EXACT);
        assertThat(oklab.b()).isCloseTo(okB, EXACT);
        assertThat(Oklch.of(rgb).c()).isCloseTo(okC, EXACT);
        assertHue(Oklch.of(rgb).hue(), okH);

        Hsl hsl = Hsl.of(rgb);
        assertHue(hsl.hue(), hslH);
        assertThat(hsl.saturation()).isCloseTo(hslS, EXACT);
        assertThat(hsl.lightness()).isCloseTo(hslL, EXACT);
    }

    private static void assertHue(Optional<Degrees> hue, Double expected) {
        assertThat(hue.isPresent()).isEqualTo(expected != null);
        hue.ifPresent(
                degrees -> assertThat(degrees.distanceTo(Degrees.of(expected))).isLessThan(1e-3));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "gamut.csv", useHeadersInDisplayName = true)
    void mapsIntoTheGamutAsTheReferenceDoes(double l, double c, double h, String hex) {
        Rgb mapped = GamutMapping.toRgb(new Oklch(l, c, Optional.of(Degrees.of(h))));
        // The search stops within 0.0001 of chroma, which may move a channel by one.
        assertThat(channelDistance(mapped, Rgb.ofHex(hex))).isLessThanOrEqualTo(1);
    }

    private static int channelDistance(Rgb one, Rgb other) {
        return Math.max(
                Math.abs(one.red() - other.red()),
                Math.max(Math.abs(one.green() - other.green()), Math.abs(one.blue() - other.blue())));
    }

    @Test
    void returnsFromOklabToTheSameEightBits() {
        for (int red = 0; red < 256; red += 17) {
            for (int green = 0; green < 256; green += 17) {
                for (int blue = 0; blue < 256; blue += 17) {
                    Rgb rgb = new Rgb(red, green, blue);
                    assertThat(Oklab.of(rgb).toLinear().toRgb()).isEqualTo(rgb);
                    assertThat(Oklch.of(rgb).toOklab().toLinear().toRgb()).isEqualTo(rgb);
                    assertThat(Hsl.of(rgb).toRgb()).isEqualTo(rgb);
                }
            }
        }
    }
}
