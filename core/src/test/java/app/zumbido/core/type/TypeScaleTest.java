package app.zumbido.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TypeScaleTest {
    private static final Sizes BODY = new Sizes(20, 11, 16);

    /** Worked by hand: 20 and 11 and 16 times the ratio, and its power, to whole points from 16 on and to halves below. */
    @ParameterizedTest
    @CsvSource({
        // 6/5, and its fourth power 2.0736
        "MINOR_THIRD, 24, 13, 19, 41, 23, 33",
        // 5/4, and its third power 1.953125
        "MAJOR_THIRD, 25, 14, 20, 39, 21, 31",
        // 4/3, and its third power 2.370
        "FOURTH, 27, 14.5, 21, 47, 26, 38",
        // 3/2, and its second power 2.25
        "FIFTH, 30, 16, 24, 45, 25, 36",
        // 1.618, and its second power 2.618
        "GOLDEN, 32, 18, 26, 52, 29, 42"
    })
    void setsSizesOverTheBody(
            TypeScale scale, double slides, double letters, double site, double large, double larger, double largest) {
        assertThat(scale.of(TypeRole.SUBHEADING, BODY)).isEqualTo(new Sizes(slides, letters, site));
        assertThat(scale.of(TypeRole.HEADING, BODY)).isEqualTo(new Sizes(large, larger, largest));
        assertThat(scale.of(TypeRole.BODY, BODY)).isEqualTo(BODY);
    }

    @ParameterizedTest
    @EnumSource
    void letsAHeadingStandOutOnEveryScale(TypeScale scale) {
        assertThat(scale.of(TypeRole.HEADING, BODY).slides()).isGreaterThanOrEqualTo(1.85 * BODY.slides());
    }

    @Test
    void keepsSizesWithinWhatCanBeSet() {
        assertThat(TypeScale.GOLDEN.of(TypeRole.HEADING, new Sizes(300, 300, 300)))
                .isEqualTo(new Sizes(400, 400, 400));
        for (double size : new double[] {3.9, 400.1, Double.NaN}) {
            assertThatThrownBy(() -> new Sizes(12, size, 12)).isInstanceOf(IllegalArgumentException.class);
        }
    }
}
