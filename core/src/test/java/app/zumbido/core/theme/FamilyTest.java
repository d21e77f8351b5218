package app.zumbido.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The borders of the family; common practice, no published source. */
class FamilyTest {
    private static final List<Rgb> QUIET = List.of(Rgb.ofHex("0B2A4A"), Rgb.ofHex("8A9BA8"));

    /** Tints of deep colours are neon beside a quiet brand, those of a grey never are. */
    @ParameterizedTest
    @CsvSource({"000072, false", "220000, false", "001004, false", "8A9BA8, true", "444444, true"})
    void judgesAColorByItsTints(String hex, boolean held) {
        assertThat(Family.of(QUIET).holds(Rgb.ofHex(hex))).isEqualTo(held);
    }

    /** Looked for anew, on the same grid: up to 20 steps lighter, down to three tenths of the chroma. */
    private static double leastDifference(Family family, Rgb color) {
        Oklch base = Oklch.of(color);
        double least = Double.MAX_VALUE;
        for (int lighter = 0; lighter <= 20; lighter++) {
            for (int tenths = 10; tenths >= 3; tenths--) {
                double lightness = Math.min(1, base.l() + lighter / 50.0);
                Rgb other = GamutMapping.toRgb(new Oklch(lightness, base.c() * tenths / 10.0, base.hue()));
                if (family.holds(other)) {
                    least = Math.min(least, Difference.between(color, other));
                }
            }
        }
        return least;
    }

    @ParameterizedTest
    @ValueSource(strings = {"000072", "220000", "0B2A4A", "004644", "3A0A2A"})
    void theCalmColorIsTheNearestThatTheFamilyHolds(String hex) {
        Rgb color = Rgb.ofHex(hex);
        Family family = Family.of(QUIET);
        Rgb calm = family.nearest(color).orElseThrow();
        assertThat(family.holds(calm)).isTrue();
        assertThat(Difference.between(color, calm)).isCloseTo(leastDifference(family, color), within(0.3));
    }

    @Test
    void theNearestToAColorOfTheFamilyIsThatColor() {
        Rgb grey = Rgb.ofHex("8A9BA8");
        assertThat(Family.of(QUIET).nearest(grey)).isEqualTo(Optional.of(grey));
    }
}
