package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.Map;
import org.openxmlformats.schemas.drawingml.x2006.main.CTColor;
import org.openxmlformats.schemas.drawingml.x2006.main.CTColorMapping;
import org.openxmlformats.schemas.drawingml.x2006.main.CTColorScheme;
import org.openxmlformats.schemas.drawingml.x2006.main.CTFontScheme;
import org.openxmlformats.schemas.drawingml.x2006.main.CTOfficeStyleSheet;
import org.openxmlformats.schemas.drawingml.x2006.main.STColorSchemeIndex;

/** Writes name, colours and fonts into a theme part. Source: ECMA-376 Part 1, 20.1.6. */
final class ThemePart {
    private ThemePart() {}

    /** @param colors all twelve slots */
    static void fill(CTOfficeStyleSheet theme, String name, Map<ThemeSlot, Rgb> colors, FontPair fonts) {
        theme.setName(name);
        CTColorScheme scheme = theme.getThemeElements().getClrScheme();
        scheme.setName(name);
        for (ThemeSlot slot : ThemeSlot.values()) {
            color(scheme, slot).getSrgbClr().setVal(bytes(colors.get(slot)));
        }
        CTFontScheme fontScheme = theme.getThemeElements().getFontScheme();
        fontScheme.setName(name);
        fontScheme.getMajorFont().getLatin().setTypeface(fonts.heading().name());
        fontScheme.getMinorFont().getLatin().setTypeface(fonts.body().name());
    }

    /** Puts colours and fonts into the theme of a file that exists; what the brand has not set stays. */
    static void dress(CTOfficeStyleSheet theme, Map<ThemeSlot, Rgb> colors, FontPair fonts) {
        CTColorScheme scheme = theme.getThemeElements().getClrScheme();
        colors.forEach((slot, rgb) -> {
            CTColor color = color(scheme, slot);
            if (color.isSetSysClr()) {
                color.unsetSysClr();
            }
            if (!color.isSetSrgbClr()) {
                color.addNewSrgbClr();
            }
            color.getSrgbClr().setVal(bytes(rgb));
        });
        CTFontScheme fontScheme = theme.getThemeElements().getFontScheme();
        fontScheme.getMajorFont().getLatin().setTypeface(fonts.heading().name());
        fontScheme.getMinorFont().getLatin().setTypeface(fonts.body().name());
    }

    /** Lets pages stand on the dark slots. Source: ECMA-376 Part 1, 19.3.1.6 (clrMap). */
    static void darken(CTColorMapping map) {
        map.setBg1(STColorSchemeIndex.DK_1);
        map.setTx1(STColorSchemeIndex.LT_1);
        map.setBg2(STColorSchemeIndex.DK_2);
        map.setTx2(STColorSchemeIndex.LT_2);
    }

    private static byte[] bytes(Rgb rgb) {
        return new byte[] {(byte) rgb.red(), (byte) rgb.green(), (byte) rgb.blue()};
    }

    private static CTColor color(CTColorScheme scheme, ThemeSlot slot) {
        return switch (slot) {
            case DARK_1 -> scheme.getDk1();
            case LIGHT_1 -> scheme.getLt1();
            case DARK_2 -> scheme.getDk2();
            case LIGHT_2 -> scheme.getLt2();
            case ACCENT_1 -> scheme.getAccent1();
            case ACCENT_2 -> scheme.getAccent2();
            case ACCENT_3 -> scheme.getAccent3();
            case ACCENT_4 -> scheme.getAccent4();
            case ACCENT_5 -> scheme.getAccent5();
            case ACCENT_6 -> scheme.getAccent6();
            case HYPERLINK -> scheme.getHlink();
            case FOLLOWED_HYPERLINK -> scheme.getFolHlink();
        };
    }
}
