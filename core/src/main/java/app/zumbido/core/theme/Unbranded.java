package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What stands where nobody has decided anything: black, white and greys, so that nothing looks like a brand. */
public final class Unbranded {
    private static final List<String> ACCENTS = List.of("595959", "8C8C8C", "404040", "A6A6A6", "737373", "BFBFBF");

    private static final Map<ThemeSlot, Rgb> COLORS = colors();

    private Unbranded() {}

    private static Map<ThemeSlot, Rgb> colors() {
        Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.values()) {
            boolean light = slot == ThemeSlot.LIGHT_1 || slot == ThemeSlot.LIGHT_2;
            colors.put(slot, light ? Rgb.WHITE : Rgb.BLACK);
        }
        for (int i = 0; i < ACCENTS.size(); i++) {
            colors.put(ThemeSlot.ACCENTS.get(i), Rgb.ofHex(ACCENTS.get(i)));
        }
        return Collections.unmodifiableMap(colors);
    }

    /** @return all twelve colours of the theme, with the unbranded one where a slot is empty */
    public static Map<ThemeSlot, Rgb> completing(Theme theme, Palette palette) {
        Map<ThemeSlot, Rgb> complete = new EnumMap<>(COLORS);
        complete.putAll(theme.resolve(palette));
        return complete;
    }
}
