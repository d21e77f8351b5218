package app.zumbido.core.palette;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Whatever refers to colours of the palette. The brand asks each of its parts, so that a swatch that leaves or is merged is
 * let go everywhere at once; a test walks the types of the brand and finds a holder that has been forgotten.
 *
 * @param <T> the holder itself
 */
public interface Painted<T> {
    /** @return the same with every reference changed; what can only refer to a swatch drops one that has become fixed */
    T repainted(UnaryOperator<Paint> change);

    /** @return every reference, in their order */
    default List<Paint> paints() {
        List<Paint> paints = new ArrayList<>();
        repainted(paint -> {
            paints.add(paint);
            return paint;
        });
        return paints;
    }
}
