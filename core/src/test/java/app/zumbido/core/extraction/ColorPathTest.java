package app.zumbido.core.extraction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The stops of gradients whose stops are known; a cube of the gathered colours is 8 wide, so ends come out 4 short at most. */
class ColorPathTest {
    private static final int STEPS = 4_000;
    private static final double HALF_A_CUBE = 7;
    private static final Point NAVY = new Point(11, 42, 74);
    private static final Point FOAM = new Point(234, 243, 242);
    private static final Point ORANGE = new Point(242, 104, 42);

    private static ColorBins gradient(Point... stops) {
        ColorBins bins = new ColorBins(3);
        add(bins, STEPS, stops);
        return bins;
    }

    private static void add(ColorBins bins, int steps, Point... stops) {
        for (int part = 1; part < stops.length; part++) {
            for (int i = 0; i <= steps; i++) {
                Point way = stops[part].minus(stops[part - 1]);
                bins.add(stops[part - 1].plus(way, (double) i / steps).toRgb().packed());
            }
        }
    }

    private static List<Point> sorted(List<Point> path, Point first) {
        boolean turned =
                path.get(0).distanceTo(first) > path.get(path.size() - 1).distanceTo(first);
        List<Point> sorted = new java.util.ArrayList<>(path);
        if (turned) {
            java.util.Collections.reverse(sorted);
        }
        return sorted;
    }

    private static void assertStops(List<Point> corners, Point... stops) {
        assertThat(corners).hasSize(stops.length);
        List<Point> sorted = sorted(corners, stops[0]);
        for (int i = 0; i < stops.length; i++) {
            assertThat(sorted.get(i).distanceTo(stops[i]))
                    .as("stop %d: %s", i, sorted.get(i))
                    .isLessThan(HALF_A_CUBE);
        }
    }

    @Test
    void leadsFromOneEndToTheOther() {
        ColorBins bins = gradient(NAVY, FOAM);
        List<Point> path = sorted(ColorPath.through(bins), NAVY);
        assertThat(path.get(0).distanceTo(NAVY)).isLessThan(HALF_A_CUBE);
        assertThat(path.get(path.size() - 1).distanceTo(FOAM)).isLessThan(HALF_A_CUBE);
        assertThat(ColorPath.length(path)).isCloseTo(NAVY.distanceTo(FOAM), within(2 * HALF_A_CUBE));
        for (int i = 1; i < path.size(); i++) {
            assertThat(path.get(i).distanceTo(path.get(i - 1))).isLessThanOrEqualTo(18);
        }
        assertStops(ColorPath.corners(path, bins, 10), NAVY, FOAM);
    }

    @Test
    void hasAStopWhereItTurns() {
        ColorBins bins = gradient(NAVY, ORANGE, FOAM);
        assertStops(ColorPath.corners(ColorPath.through(bins), bins, 10), NAVY, ORANGE, FOAM);
    }

    @Test
    void hasTwoStopsWhereItTurnsTwice() {
        Point green = new Point(20, 200, 60);
        ColorBins bins = gradient(NAVY, green, ORANGE, FOAM);
        assertStops(ColorPath.corners(ColorPath.through(bins), bins, 10), NAVY, green, ORANGE, FOAM);
    }

    /** A way out and nearly the same way back: the shortest way leaves the tip aside. */
    @Test
    void findsTheTipThatAShortCutLeavesAside() {
        Point one = new Point(10, 10, 10);
        Point tip = new Point(200, 20, 10);
        Point other = new Point(10, 60, 10);
        ColorBins bins = gradient(one, tip, other);
        List<Point> corners = ColorPath.corners(ColorPath.through(bins), bins, 10);
        assertThat(corners)
                .anySatisfy(corner -> assertThat(corner.distanceTo(tip)).isLessThan(2 * HALF_A_CUBE));
    }

    @Test
    void passesOverWhatHardlyOccurs() {
        ColorBins bins = gradient(NAVY, FOAM);
        bins.add(0x00FF00);
        bins.add(0x00FF00);
        List<Point> path = ColorPath.through(bins);
        assertThat(path).noneMatch(point -> point.green() > 250 && point.red() < 10);
        assertStops(ColorPath.corners(path, bins, 10), NAVY, FOAM);
    }

    /** What is farther from everything else than a step does not hang together with it. */
    @Test
    void doesNotJumpOverAGap() {
        ColorBins bins = gradient(NAVY, NAVY.plus(FOAM.minus(NAVY), 0.4));
        add(bins, STEPS / 20, NAVY.plus(FOAM.minus(NAVY), 0.7), FOAM);
        assertThat(ColorPath.through(bins)).allMatch(point -> point.distanceTo(NAVY) < 0.45 * NAVY.distanceTo(FOAM));
    }

    @Test
    void isOnePointWhereThereIsOneColor() {
        ColorBins bins = new ColorBins(3);
        bins.add(0x0F7C7A);
        assertThat(ColorPath.through(bins)).containsExactly(new Point(15, 124, 122));
        assertThat(ColorPath.length(ColorPath.through(bins))).isZero();
    }

    /** More colours than any gradient has, none of them in any number: the fullest cube alone is left. */
    @Test
    void isOnePointWhereNothingOccursOftenEnough() {
        ColorBins bins = new ColorBins(3);
        for (int i = 0; i < 2_000; i++) {
            bins.add((i % 13 * 16) << 16 | (i / 13 % 13 * 16) << 8 | i / 169 * 16);
        }
        bins.add(0x101010);
        assertThat(ColorPath.through(bins)).hasSize(1);
    }
}
