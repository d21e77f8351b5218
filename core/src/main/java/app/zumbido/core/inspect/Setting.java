package app.zumbido.core.inspect;

import app.zumbido.core.theme.ThemeSlot;
import java.util.Optional;

/** How a colour came to where it is seen. */
public sealed interface Setting {
    /** @return where it is written down; nothing where another colour cannot be put */
    Optional<Spot> spot();

    /** As a value of its own, so that it stays when the theme changes. */
    record ByHand(Optional<Spot> spot) implements Setting {}

    /** By a slot of the theme, perhaps lighter or darker. */
    record OfTheme(ThemeSlot slot, Optional<Spot> spot) implements Setting {}

    /** By nothing in the file: it is what programs show then. */
    record Implied() implements Setting {
        @Override
        public Optional<Spot> spot() {
            return Optional.empty();
        }
    }
}
