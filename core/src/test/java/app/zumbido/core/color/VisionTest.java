package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the published matrices as another project carries them; the source stands on the first line of the table. */
class VisionTest {
    @ParameterizedTest
    @CsvFileSource(resources = "vision.csv", useHeadersInDisplayName = true)
    void seesWhatTheReferenceSees(Vision kind, double severity, String hex, String seen) {
        Rgb ours = kind.see(Rgb.ofHex(hex), Fraction.of(severity));
        Rgb theirs = Rgb.ofHex(seen);
        // Both round to 8 bits, theirs perhaps not half up.
        assertThat(List.of(ours.red() - theirs.red(), ours.green() - theirs.green(), ours.blue() - theirs.blue()))
                .allSatisfy(away -> assertThat(away).isBetween(-1, 1));
    }

    /** The published tables have six digits, so that a row may miss 1 by the last of them. */
    @Test
    void leavesGreysAsTheyAre() {
        for (Vision vision : Vision.values()) {
            for (int percent = 0; percent <= 100; percent += 5) {
                double[] m = vision.matrix(Fraction.of(percent / 100.0));
                for (int row = 0; row < 3; row++) {
                    assertThat(m[3 * row] + m[3 * row + 1] + m[3 * row + 2]).isCloseTo(1, within(1.1e-6));
                }
            }
            assertThat(vision.see(Rgb.ofHex("808080"))).isEqualTo(Rgb.ofHex("808080"));
        }
    }

    /** Source: WCAG 2.2, relative luminance; the grey has the luminance of the colour but for its 8 bits. */
    @ParameterizedTest
    @CsvSource({"FF0000, 7F7F7F", "00FF00, DCDCDC", "0000FF, 4C4C4C", "FFFF00, F7F7F7"})
    void greyHasTheSameLuminance(String hex, String grey) {
        assertThat(Vision.GREY.see(Rgb.ofHex(hex))).isEqualTo(Rgb.ofHex(grey));
    }

    /**
     * Source of the set: M. Okabe, K. Ito 2008. The figure for everybody is that of colorjs.io 0.7.1 on Lab under D50, as all
     * of ours is (under D65 it is 34.7); those for the deficiencies are ours, within 1.1 of the same under D65.
     */
    @ParameterizedTest
    @CsvSource({"NORMAL, 33.59", "PROTAN, 28.07", "DEUTAN, 31.12", "TRITAN, 12.10"})
    void tellsTheSetOfOkabeAndItoApart(Vision eyes, double least) {
        String[] set = {"000000", "E69F00", "56B4E9", "009E73", "F0E442", "0072B2", "D55E00", "CC79A7"};
        double found = Double.MAX_VALUE;
        for (int i = 1; i < set.length; i++) {
            found = Math.min(found, Difference.between(eyes.see(Rgb.ofHex(set[i - 1])), eyes.see(Rgb.ofHex(set[i]))));
        }
        assertThat(found).isCloseTo(least, within(0.01));
    }
}
