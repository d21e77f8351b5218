package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import java.util.Optional;

/**
 * A colour that a palette lacks.
 *
 * @param base the swatch that it goes with; nothing where the palette has no colourful one
 * @param nearest the swatch that it is hardest to tell from; nothing in an empty palette
 * @param eyes those for whom it is hardest
 * @param difference between both as those eyes see them; ΔE00
 * @param onWhite its contrast ratio on white
 */
public record Gap(
        Rgb color,
        Reason reason,
        Optional<Swatch> base,
        Optional<Swatch> nearest,
        Vision eyes,
        double difference,
        double onWhite) {
    /** Why it is proposed. */
    public enum Reason {
        /** Opposite the base on the circle of hues. */
        COMPLEMENTARY,
        /** Beside the opposite. */
        SPLIT,
        /** A third of the circle away. */
        TRIAD,
        /** A quarter of the circle away. */
        TETRAD,
        /** In the middle of the widest stretch of hues that the palette leaves empty. */
        EMPTY_STRETCH,
        /** Dark enough for body text, with a hint of the base. */
        TEXT,
        /** For lines and second texts. */
        MIDDLE,
        /** For fields behind dark text. */
        FIELD
    }
}
