package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
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
            SlotSetting setting = theme.get(accent);
            setting.paint()
                    .ifPresent(paint -> settings.put(accent, seen(setting, paint, palette, page, turned.ground())));
        }
        if (colors.keySet().containsAll(ThemeSlot.GROUNDS)) {
            settings.putAll(links(turned, palette, roles));
        }
        return turned.with(settings);
    }

    private static SlotSetting seen(SlotSetting setting, Paint paint, Palette palette, Rgb page, PageGround ground) {
        int away = ground == PageGround.LIGHT ? -1 : 1;
        Paint moved = paint;
        for (int step = 1; !isSeen(moved, palette, page) && step * STEP <= 1; step++) {
            moved = paint.lightened(away * step * STEP, palette);
        }
        return moved.equals(paint) ? setting : SlotSetting.because(SlotReason.TURNED_TO_BE_SEEN, moved);
    }

    private static boolean isSeen(Paint paint, Palette palette, Rgb page) {
        return ContrastRatio.between(paint.resolve(palette), page).reaches(WcagLevel.GRAPHICS);
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
