package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/**
 * A dark theme made from a light one, or the other way round. The slots keep their colours, since they keep their
 * meaning; only what could not be seen or read on the other ground is moved in lightness.
 */
public final class Turning {
    /** How finely an accent is moved; OKLCH lightness. */
    private static final double STEP = 0.02;

    private Turning() {}

    /** @return the same theme for pages of the other ground; empty slots stay empty */
    public static Theme of(Theme theme, Palette palette, Roles roles) {
        Theme turned = theme.on(theme.ground().turned());
        Map<ThemeSlot, Rgb> colors = theme.resolve(palette);
        Rgb page = colors.get(turned.ground().page());
        if (page == null) {
            return turned;
        }
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot accent : ThemeSlot.ACCENTS) {
            if (colors.containsKey(accent)) {
                settings.put(accent, seen(theme.get(accent), palette, page, turned.ground()));
            }
        }
        if (colors.keySet().containsAll(ThemeSlot.GROUNDS)) {
            settings.putAll(links(turned, palette, roles));
        }
        return turned.with(settings);
    }

    private static SlotSetting seen(SlotSetting setting, Palette palette, Rgb page, PageGround ground) {
        int away = ground == PageGround.LIGHT ? -1 : 1;
        SlotFill fill = setting.fill();
        for (int step = 1; !isSeen(fill, palette, page) && step * STEP <= 1; step++) {
            fill = shifted(setting.fill(), away * step * STEP);
        }
        return fill.equals(setting.fill()) ? setting : SlotSetting.because(SlotReason.TURNED_TO_BE_SEEN, fill);
    }

    private static boolean isSeen(SlotFill fill, Palette palette, Rgb page) {
        return ContrastRatio.between(fill.resolve(palette).orElseThrow(), page).reaches(WcagLevel.GRAPHICS);
    }

    private static SlotFill shifted(SlotFill fill, double lightness) {
        return fill.match(
                f -> new SlotFill.Derived(f.swatch(), lightness),
                f -> new SlotFill.Derived(f.swatch(), Math.max(-1, Math.min(1, f.lightness() + lightness))),
                f -> new SlotFill.Fixed(SlotFill.Derived.shift(f.color(), lightness)),
                f -> f);
    }

    private static Map<ThemeSlot, SlotSetting> links(Theme turned, Palette palette, Roles roles) {
        Map<ThemeSlot, Rgb> colors = turned.resolve(palette);
        TextBlock text = new TextBlock(
                ink(colors, ThemeSlot.DARK_1),
                ink(colors, ThemeSlot.LIGHT_1),
                ink(colors, ThemeSlot.DARK_2),
                ink(colors, ThemeSlot.LIGHT_2),
                turned.ground(),
                Set.of());
        return Links.best(Ink.allOf(palette, roles), text).settings();
    }

    private static Ink ink(Map<ThemeSlot, Rgb> colors, ThemeSlot slot) {
        return Ink.plain(colors.get(slot), 0);
    }
}
