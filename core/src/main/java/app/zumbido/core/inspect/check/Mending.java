package app.zumbido.core.inspect.check;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.SlotColor;
import java.util.List;
import java.util.Optional;

/**
 * One way to mend a fault.
 *
 * @param color what is seen then
 * @param slot by which it follows the theme; nothing for a value by hand
 * @param ratio of what is seen then to what it stands on
 * @param word what is written then, of a font its name and of a size its points
 */
public record Mending(
        Kind kind,
        Optional<Rgb> color,
        Optional<SlotColor> slot,
        Optional<ContrastRatio> ratio,
        Optional<String> word,
        List<Edit> edits) {
    /** What is done. */
    public enum Kind {
        /** The same colour through the slot that has it. */
        THROUGH_SLOT,
        NEAREST_BRAND,
        /** The colour that does this job in the brand. */
        SLOT_THAT_IS_MEANT,
        /** The highlight for what is colourful, else its own hue, only so far that it can be read. */
        UNTIL_READ,
        FONT_OF_BRAND,
        SIZE_OF_BRAND,
        LARGE_ENOUGH,
        CHART_IN_ORDER,
        SHOW_GRAPHICS,
        IN_PROPORTION,
        LOGO_FOR_GROUND
    }

    public Mending {
        edits = List.copyOf(edits);
    }

    /** @return one that changes a colour */
    public static Mending color(
            Kind kind, Rgb color, Optional<SlotColor> slot, Optional<ContrastRatio> ratio, List<Edit> edits) {
        return new Mending(kind, Optional.of(color), slot, ratio, Optional.empty(), edits);
    }

    /** @return one that changes something else */
    public static Mending other(Kind kind, String word, List<Edit> edits) {
        return new Mending(kind, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(word), edits);
    }
}
