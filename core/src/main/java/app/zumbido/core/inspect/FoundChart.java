package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.List;

/**
 * A chart in a finished file.
 *
 * @param series in their order
 */
public record FoundChart(Place place, List<Series> series, Standing standing) {
    public FoundChart {
        series = List.copyOf(series);
    }

    /**
     * @param color the first, of one that is filled with several
     * @param points those that are painted unlike the rest, to raise them
     */
    public record Series(String name, Rgb color, Setting setting, List<Rgb> points) {
        public Series {
            points = List.copyOf(points);
        }
    }
}
