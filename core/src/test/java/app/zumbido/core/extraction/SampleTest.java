package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.image.Pixels;
import org.junit.jupiter.api.Test;

class SampleTest {
    private static final int RED = 0xFFFF0000;
    private static final int BLUE = 0xFF0000FF;
    private static final int NOTHING = 0x00FF00FF;

    private static String sample(Pixels pixels, int x, int y, int across) {
        return Sample.take(pixels, new Place(x, y), SampleArea.of(across).orElseThrow())
                .orElseThrow()
                .hex();
    }

    @Test
    void takesOnePixelExactly() {
        assertThat(sample(Pixels.wrap(2, 1, new int[] {RED, BLUE}), 1, 0, 1)).isEqualTo("#0000FF");
    }

    @Test
    void averagesInLinearLight() {
        // Half of full light encodes to 0.7354 x 255 = 187.5: IEC 61966-2-1, worked by hand.
        assertThat(sample(Pixels.wrap(2, 1, new int[] {RED, BLUE}), 0, 0, 3)).isEqualTo("#BC00BC");
    }

    @Test
    void givesTransparentPixelsNoWeight() {
        assertThat(sample(Pixels.wrap(3, 1, new int[] {NOTHING, RED, NOTHING}), 1, 0, 3))
                .isEqualTo("#FF0000");
    }

    @Test
    void saysNothingWhereThereIsNothing() {
        Pixels pixels = Pixels.wrap(1, 1, new int[] {NOTHING});
        assertThat(Sample.take(pixels, new Place(0, 0), SampleArea.ONE)).isEmpty();
    }

    @Test
    void knowsOnlyItsFiveAreas() {
        assertThat(SampleArea.of(7)).contains(SampleArea.SEVEN);
        assertThat(SampleArea.of(5)).isEmpty();
    }

    @Test
    void refusesSamplesThatMakeNoPicture() {
        assertThatThrownBy(() -> Pixels.wrap(2, 2, new int[3])).isInstanceOf(IllegalArgumentException.class);
    }
}
