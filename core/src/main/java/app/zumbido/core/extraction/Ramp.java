package app.zumbido.core.extraction;

import java.util.List;

/**
 * A gradient that was found.
 *
 * @param stops from one end to the other, at least two
 * @param cells how many it fills
 */
record Ramp(List<Point> stops, long cells) {
    /** @return how far a colour lies from all that the gradient passes through; of 255 */
    double distanceTo(Point point) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < stops.size(); i++) {
            least = Math.min(least, point.distanceToSegment(stops.get(i - 1), stops.get(i)));
        }
        return least;
    }
}
