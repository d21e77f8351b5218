package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.List;

/**
 * What something in a file really stands on.
 *
 * @param colors one, or those of a gradient from its beginning to its end; none of a picture, and where nobody knows
 */
public record Standing(On on, List<Rgb> colors) {
    /** What that is. */
    public enum On {
        PAGE,
        LAYOUT,
        MASTER,
        /** Another shape, or the filled one that it is in. */
        SHAPE,
        CELL,
        PICTURE,
        UNKNOWN
    }

    public Standing {
        colors = List.copyOf(colors);
    }

    /** @param colors none if it is not known */
    public static Standing of(List<Rgb> colors) {
        return new Standing(colors.isEmpty() ? On.UNKNOWN : On.SHAPE, colors);
    }

    public boolean isGradient() {
        return colors.size() > 1;
    }
}
