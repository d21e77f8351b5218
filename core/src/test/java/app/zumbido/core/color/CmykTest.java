package app.zumbido.core.color;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CmykTest {
    @ParameterizedTest
    @CsvSource({"1.01, 0, 0, 0", "0, -0.01, 0, 0", "0, 0, 1.01, 0", "0, 0, 0, -0.01", "NaN, 0, 0, 0"})
    void everyInkIsAShare(double cyan, double magenta, double yellow, double black) {
        assertThatThrownBy(() -> new Cmyk(cyan, magenta, yellow, black)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void inksAddUp() {
        assertThat(new Cmyk(1, 0.44, 0.05, 0.3).total()).isCloseTo(1.79, within(1e-12));
        assertThat(new Cmyk(1, 1, 1, 1).total()).isEqualTo(4);
        assertThat(new Cmyk(0, 0, 0, 0).total()).isZero();
    }
}
