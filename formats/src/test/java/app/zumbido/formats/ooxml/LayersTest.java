package app.zumbido.formats.ooxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Standing.On;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Slides that were stacked up so that looking through them has no end. */
@Timeout(20)
class LayersTest {
    private static final int MANY = 15_000;

    private static Seen seen(Rgb color, double opacity) {
        return new Seen(color, new Setting.ByHand(Optional.empty()), opacity);
    }

    private static Layers stacked(double opacity, Frame frame) {
        Layers layers = new Layers(16.0 / 9);
        layers.put(Frame.WHOLE, new Fill.Painted(List.of(seen(Rgb.WHITE, 1))), On.PAGE);
        for (int i = 1; i <= MANY; i++) {
            layers.put(frame, new Fill.Painted(List.of(seen(Rgb.ofPacked(i), opacity))), On.SHAPE);
        }
        return layers;
    }

    private static Standing asked(Layers layers) {
        Standing last = layers.under(Optional.of(Frame.WHOLE));
        for (int i = 0; i < 200; i++) {
            last = layers.under(Optional.of(Frame.WHOLE));
        }
        return last;
    }

    @Test
    void whatLetsThroughIsLookedThroughOnlySoFar() {
        Standing standing = asked(stacked(0.001, Frame.WHOLE));
        assertThat(standing.on()).isEqualTo(On.SHAPE);
        assertThat(standing.colors()).hasSizeLessThanOrEqualTo(12);
    }

    @Test
    void whatCoversHalfIsLookedPastOnlySoFar() {
        Standing standing = asked(stacked(0.001, new Frame(0, 0, 0.45, 1)));
        assertThat(standing.colors()).hasSizeLessThanOrEqualTo(12);
    }

    @Test
    void whatCoversIsSeenAtOnce() {
        Standing standing = asked(stacked(1, Frame.WHOLE));
        assertThat(standing.colors()).containsExactly(Rgb.ofPacked(MANY));
    }
}
