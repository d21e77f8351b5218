package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The theme of a finished file.
 *
 * @param name as the file calls it; may be empty
 * @param colors the slots that it fills, in the standard's order
 * @param fonts nothing if it names none
 * @param named colours that stand beside the slots under names, in the file's order
 */
public record FoundTheme(String name, Map<ThemeSlot, Rgb> colors, Optional<FontPair> fonts, List<NamedColor> named) {
    /** @param name never blank */
    public record NamedColor(String name, Rgb color) {}

    public FoundTheme {
        Map<ThemeSlot, Rgb> ordered = new EnumMap<>(ThemeSlot.class);
        ordered.putAll(colors);
        colors = Collections.unmodifiableMap(ordered);
        named = List.copyOf(named);
    }

    /** A theme of a file that names no colours beside it. */
    public FoundTheme(String name, Map<ThemeSlot, Rgb> colors, Optional<FontPair> fonts) {
        this(name, colors, fonts, List.of());
    }
}
