package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What stands on Dark 1. A link that reads on white and on a real dark ground at 4.5 does not exist, so it is remapped. */
public final class DarkLayout {
    private DarkLayout() {}

    /** @return the slot that links are mapped to on dark layouts: the first that reads, Light 1 if none does */
    public static ThemeSlot linkSlot(Map<ThemeSlot, Rgb> colors) {
        List<ThemeSlot> tried = new ArrayList<>(List.of(ThemeSlot.HYPERLINK));
        tried.addAll(ThemeSlot.ACCENTS);
        tried.add(ThemeSlot.LIGHT_2);
        Rgb ground = colors.get(ThemeSlot.DARK_1);
        return tried.stream()
                .filter(slot -> ContrastRatio.between(colors.get(slot), ground).reaches(WcagLevel.AA.text()))
                .findFirst()
                .orElse(ThemeSlot.LIGHT_1);
    }

    /** @param colors all twelve */
    public static Rgb link(Map<ThemeSlot, Rgb> colors) {
        return colors.get(linkSlot(colors));
    }
}
