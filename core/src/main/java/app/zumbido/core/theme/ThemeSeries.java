package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.roles.ChartSeries;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What an ordinary chart shows: the accents in their order. The highlight that is kept for last raises one series and is no
 * ordinary one, so a step of another accent that is told apart from all stands in its place.
 */
public final class ThemeSeries {
    private ThemeSeries() {}

    /**
     * @param colors all twelve
     * @return six
     */
    public static List<Rgb> of(Theme theme, Map<ThemeSlot, Rgb> colors) {
        List<Rgb> series = new ArrayList<>();
        for (ThemeSlot accent : ThemeSlot.ACCENTS) {
            if (!isHighlight(theme.get(accent))) {
                series.add(colors.get(accent));
            }
        }
        while (series.size() < ThemeSlot.ACCENTS.size()) {
            series.add(step(series));
        }
        return series;
    }

    private static boolean isHighlight(SlotSetting setting) {
        return setting.reason().equals(Optional.of(SlotReason.HIGHLIGHT_LAST));
    }

    /** Lighter steps of all in their order come first, then darker ones. */
    private static Rgb step(List<Rgb> series) {
        double[] ways = {ChartSeries.FIRST_ROUND, -ChartSeries.FIRST_ROUND};
        for (double way : ways) {
            for (Rgb color : series) {
                Rgb step = Ladder.at(color, way);
                if (series.stream().allMatch(other -> Difference.between(step, other) >= Difference.TOLD_APART)) {
                    return step;
                }
            }
        }
        return Ladder.at(series.get(0), ChartSeries.FIRST_ROUND);
    }
}
