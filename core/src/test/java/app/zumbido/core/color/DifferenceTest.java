package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class DifferenceTest {
    @ParameterizedTest
    @CsvFileSource(resources = "ciede2000-pairs.csv", useHeadersInDisplayName = true)
    void agreesWithThePublishedPairs(
            double l1, double a1, double b1, double l2, double a2, double b2, double difference) {
        Lab one = new Lab(l1, a1, b1);
        Lab other = new Lab(l2, a2, b2);
        assertThat(Difference.between(one, other)).isCloseTo(difference, within(1e-4));
        assertThat(Difference.between(other, one)).isCloseTo(difference, within(1e-4));
    }

    /** Turning both colours by half a circle leaves lightness and chroma, and so bounds what the hue may add. */
    @Test
    void theWayRoundTheCircleIsTheShorterOne() {
        for (int degree = 0; degree < 360; degree += 5) {
            Lab one = polar(50, 40, degree - 1);
            Lab other = polar(50, 40, degree + 1);
            assertThat(Difference.between(one, other))
                    .as("around %d degrees", degree)
                    .isBetween(0.3, 1.5);
            assertThat(Difference.between(one, other)).isCloseTo(Difference.between(other, one), within(1e-9));
        }
    }

    private static Lab polar(double lightness, double chroma, double degrees) {
        double radians = Math.toRadians(degrees);
        return new Lab(lightness, chroma * Math.cos(radians), chroma * Math.sin(radians));
    }

    @Test
    void isNothingBetweenEqualColors() {
        Rgb teal = Rgb.ofHex("0F7C7A");
        assertThat(Difference.between(teal, teal)).isZero();
    }
}
