package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The theme of a finished file.
 *
 * @param name as the file calls it; may be empty
 * @param colors the slots that it fills, in the standard's order
 * @param fonts nothing if it names none
 */
public record FoundTheme(String name, Map<ThemeSlot, Rgb> colors, Optional<FontPair> fonts) {
    public FoundTheme {
        Map<ThemeSlot, Rgb> ordered = new EnumMap<>(ThemeSlot.class);
        ordered.putAll(colors);
        colors = Collections.unmodifiableMap(ordered);
    }
}
