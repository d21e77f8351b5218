package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.roles.ChartSeries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What an ordinary chart shows: the accents in their order. The highlight that is kept for last raises one series and is no
 * ordinary one, so the first accent a step lighter stands in its place.
 */
public final class ThemeSeries {
    private ThemeSeries() {}

    /** @param colors all twelve @return six */
    public static List<Rgb> of(Theme theme, Map<ThemeSlot, Rgb> colors) {
        List<Rgb> series = new ArrayList<>();
        for (ThemeSlot accent : ThemeSlot.ACCENTS) {
            boolean highlight = theme.get(accent)
                    .reason()
                    .filter(SlotReason.HIGHLIGHT_LAST::equals)
                    .isPresent();
            series.add(
                    highlight
                            ? Ladder.at(colors.get(ThemeSlot.ACCENT_1), ChartSeries.FIRST_ROUND)
                            : colors.get(accent));
        }
        return series;
    }
}
