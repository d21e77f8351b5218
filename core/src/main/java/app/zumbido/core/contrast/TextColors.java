package app.zumbido.core.contrast;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a brand writes with: its two text roles, or the text slots of its theme, or black and white. */
public final class TextColors {
    private TextColors() {}

    public static List<Rgb> of(Palette palette, Roles roles, Theme theme) {
        Set<Rgb> texts = new LinkedHashSet<>();
        for (Role role : List.of(Role.TEXT, Role.TEXT_ON_DARK)) {
            roles.first(role).map(palette::get).map(Swatch::color).ifPresent(texts::add);
        }
        if (texts.size() < 2) {
            Map<ThemeSlot, Rgb> slots = theme.resolve(palette);
            for (ThemeSlot slot : List.of(ThemeSlot.DARK_1, ThemeSlot.LIGHT_1)) {
                if (slots.containsKey(slot)) {
                    texts.add(slots.get(slot));
                }
            }
        }
        if (texts.size() < 2) {
            texts.addAll(List.of(Rgb.BLACK, Rgb.WHITE));
        }
        return List.copyOf(texts);
    }
}
