package app.zumbido.core.roles;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;

/**
 * More series than the brand has colours for: first the colours in their order, then a lighter step of each, then a darker
 * one, then still lighter ones. What must not be tinted is left out.
 */
public final class ChartSeries {
    /** The first step beyond the colours themselves: its share of the way to the light end; set by eye. */
    public static final double FIRST_ROUND = 0.45;
    /** Shares of the way to the light and the dark end; set by eye, common practice, no published source. */
    private static final double[] ROUNDS = {FIRST_ROUND, -0.45, 0.7};

    private ChartSeries() {}

    /** @return as many as are wanted, or fewer if there are no more */
    public static List<Rgb> of(Roles roles, Palette palette, int wanted) {
        List<SwatchId> base = roles.of(Role.CHART);
        List<Rgb> series =
                new ArrayList<>(base.stream().map(id -> palette.get(id).color()).toList());
        for (double round : ROUNDS) {
            for (SwatchId id : base) {
                if (!roles.of(Role.TINTS_OFF_LIMITS).contains(id)) {
                    series.add(new Paint.OnLadder(id, round).resolve(palette));
                }
            }
        }
        return List.copyOf(series.subList(0, Math.min(wanted, series.size())));
    }
}
