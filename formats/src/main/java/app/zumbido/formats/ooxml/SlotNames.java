package app.zumbido.formats.ooxml;

import app.zumbido.core.theme.ThemeSlot;
import java.util.Map;
import java.util.Optional;

/**
 * The names by which documents refer to theme slots besides their own. Source: ECMA-376 Part 1, 20.1.10.54 (maps of
 * masters, as they usually stand) and 17.18.97.
 */
final class SlotNames {
    private static final Map<String, ThemeSlot> OTHERS = Map.ofEntries(
            Map.entry("tx1", ThemeSlot.DARK_1),
            Map.entry("bg1", ThemeSlot.LIGHT_1),
            Map.entry("tx2", ThemeSlot.DARK_2),
            Map.entry("bg2", ThemeSlot.LIGHT_2),
            Map.entry("text1", ThemeSlot.DARK_1),
            Map.entry("background1", ThemeSlot.LIGHT_1),
            Map.entry("text2", ThemeSlot.DARK_2),
            Map.entry("background2", ThemeSlot.LIGHT_2),
            Map.entry("dark1", ThemeSlot.DARK_1),
            Map.entry("light1", ThemeSlot.LIGHT_1),
            Map.entry("dark2", ThemeSlot.DARK_2),
            Map.entry("light2", ThemeSlot.LIGHT_2),
            Map.entry("hyperlink", ThemeSlot.HYPERLINK),
            Map.entry("followedHyperlink", ThemeSlot.FOLLOWED_HYPERLINK));

    private SlotNames() {}

    static Optional<ThemeSlot> find(String name) {
        return ThemeSlot.ofCode(name).or(() -> Optional.ofNullable(OTHERS.get(name)));
    }

    /** @return the name by which the text of documents refers to the slot, whatever a map says. Source: 17.18.97 */
    static String inText(ThemeSlot slot) {
        return switch (slot) {
            case DARK_1 -> "dark1";
            case LIGHT_1 -> "light1";
            case DARK_2 -> "dark2";
            case LIGHT_2 -> "light2";
            case HYPERLINK -> "hyperlink";
            case FOLLOWED_HYPERLINK -> "followedHyperlink";
            default -> slot.code();
        };
    }
}
