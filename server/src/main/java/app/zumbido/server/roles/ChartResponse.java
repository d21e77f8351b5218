package app.zumbido.server.roles;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import app.zumbido.core.roles.ChartColors;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How well the series of a chart are told apart.
 *
 * @param series in their order, tints at the end where there are more series than colours
 * @param viewers full vision, each deficiency, and grey
 */
record ChartResponse(List<SeriesResponse> series, List<ViewerResponse> viewers) {
    static ChartResponse of(ChartColors colors) {
        List<Boolean> madeOut = colors.madeOutOn(Rgb.WHITE);
        List<SeriesResponse> series = new ArrayList<>();
        for (int i = 0; i < colors.series().size(); i++) {
            Rgb color = colors.series().get(i);
            series.add(new SeriesResponse(color.hex(), color.ink().hex(), madeOut.get(i)));
        }
        List<ViewerResponse> viewers = new ArrayList<>();
        colors.least().forEach((eyes, least) -> viewers.add(ViewerResponse.of(eyes, least)));
        return new ChartResponse(series, viewers);
    }

    /** @param madeOut whether it has 3:1 on white */
    record SeriesResponse(String hex, String ink, boolean madeOut) {}

    /**
     * @param neighbours smallest difference of series that stand beside each other; ΔE00, absent for one series
     * @param all smallest difference of any two; ΔE00, absent for one series
     * @param toldApart whether all differ by 10 at least, or only neighbours
     */
    record ViewerResponse(
            Vision eyes,
            @Nullable Double neighbours,
            @Nullable Double all,
            ChartColors.ToldApart toldApart) {
        static ViewerResponse of(Vision eyes, ChartColors.Least least) {
            return new ViewerResponse(eyes, finite(least.neighbours()), finite(least.all()), least.toldApart());
        }

        private static @Nullable Double finite(double difference) {
            return Double.isInfinite(difference) ? null : difference;
        }
    }
}
