package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.SlotColor;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Optional;

/**
 * What is put at a spot instead of the colour that stands there.
 *
 * @param color as it is seen; written down where the kind of file knows no theme
 * @param slot the slot of the file's theme that has it, or one of its steps, so that it follows; nothing for a value by hand
 */
public record Replacement(Rgb color, Optional<SlotColor> slot) {
    public static Replacement byHand(Rgb color) {
        return new Replacement(color, Optional.empty());
    }

    public static Replacement of(ThemeSlot slot, Rgb color) {
        return new Replacement(color, Optional.of(SlotColor.of(slot)));
    }

    public static Replacement of(SlotColor slot, Rgb color) {
        return new Replacement(color, Optional.of(slot));
    }
}
