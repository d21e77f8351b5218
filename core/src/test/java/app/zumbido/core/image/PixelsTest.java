package app.zumbido.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PixelsTest {
    private static final Pixels THREE_BY_TWO = Pixels.wrap(3, 2, new int[] {1, 2, 3, 4, 5, 6});

    @Test
    void cutsOutAPart() {
        Pixels part = THREE_BY_TWO.crop(1, 0, 2, 2);
        assertThat(part.width()).isEqualTo(2);
        assertThat(part.height()).isEqualTo(2);
        assertThat(new int[] {part.at(0), part.at(1), part.at(2), part.at(3)}).containsExactly(2, 3, 5, 6);
    }

    @ParameterizedTest
    @CsvSource({"2, 0, 2, 1", "0, 1, 1, 2", "0, 0, 0, 1", "3, 0, 1, 1", "-1, 0, 1, 1", "1, 0, 2147483647, 1"})
    void refusesWhatIsNoPart(int x, int y, int width, int height) {
        assertThatThrownBy(() -> THREE_BY_TWO.crop(x, y, width, height)).isInstanceOf(IllegalArgumentException.class);
    }
}
