package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What stands on a layout of the other ground: the dark one of a light theme, the light one of a dark theme. A link that
 * reads on white and on a real dark ground at 4.5 does not exist, so it is remapped.
 */
public final class TurnedLayout {
    private TurnedLayout() {}

    /**
     * @param colors all twelve
     * @param layout what the layout stands on
     * @return the slot that links are mapped to there: the first that reads, the text's own if none does
     */
    public static ThemeSlot linkSlot(Map<ThemeSlot, Rgb> colors, PageGround layout) {
        List<ThemeSlot> tried = new ArrayList<>(List.of(ThemeSlot.HYPERLINK));
        tried.addAll(ThemeSlot.ACCENTS);
        tried.add(layout.texts().get(1));
        Rgb ground = colors.get(layout.page());
        return tried.stream()
                .filter(slot -> ContrastRatio.between(colors.get(slot), ground).reaches(WcagLevel.AA.text()))
                .findFirst()
                .orElse(layout.text());
    }

    /**
     * @param colors all twelve
     * @param layout what the layout stands on
     */
    public static Rgb link(Map<ThemeSlot, Rgb> colors, PageGround layout) {
        return colors.get(linkSlot(colors, layout));
    }
}
