package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SampleAreaTest {
    @ParameterizedTest
    @EnumSource
    void theSquareStandsWholeInTheMagnifier(SampleArea area) {
        assertThat(area.magnified()).isGreaterThan(area.across()).isOdd();
    }
}
