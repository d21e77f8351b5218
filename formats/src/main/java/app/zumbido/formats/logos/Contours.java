package app.zumbido.formats.logos;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Outlines of what a grid of coverages holds, where it passes one half: marching squares, with crossings placed by linear
 * interpolation between the middles of pixels.
 */
final class Contours {
    private static final float HALF = 0.5f;
    private static final float NUDGE = 0.001f;
    /** Crossings of the four edges of a square, by which of its corners are inside: pairs from edge to edge, inside on the left. */
    private static final int[][] CASES = {
        {}, {3, 0}, {0, 1}, {3, 1}, {1, 2}, {3, 0, 1, 2}, {0, 2}, {3, 2},
        {2, 3}, {2, 0}, {0, 1, 2, 3}, {2, 1}, {1, 3}, {1, 0}, {0, 3}, {}
    };

    private final int width;
    private final int height;
    private final byte[] coverage;

    private Contours(int width, int height, byte[] coverage) {
        this.width = width;
        this.height = height;
        this.coverage = coverage;
    }

    /** @param coverage of each pixel, 0 to 255, row by row @return in pixels from the upper left corner of the grid */
    static List<Outline> of(int width, int height, byte[] coverage) {
        return new Contours(width, height, coverage).trace();
    }

    private record Point(double x, double y) {}

    private List<Outline> trace() {
        Map<Point, Point> next = new HashMap<>();
        for (int y = -1; y < height; y++) {
            for (int x = -1; x < width; x++) {
                int corners = inside(x, y) | inside(x + 1, y) << 1 | inside(x + 1, y + 1) << 2 | inside(x, y + 1) << 3;
                int[] edges = CASES[corners];
                for (int i = 0; i < edges.length; i += 2) {
                    next.put(crossing(x, y, edges[i]), crossing(x, y, edges[i + 1]));
                }
            }
        }
        List<Outline> outlines = new ArrayList<>();
        while (!next.isEmpty()) {
            Point start = next.keySet().iterator().next();
            List<double[]> points = new ArrayList<>();
            points.add(new double[] {start.x(), start.y()});
            for (Point at = next.remove(start); at != null && !at.equals(start); at = next.remove(at)) {
                points.add(new double[] {at.x(), at.y()});
            }
            outlines.add(new Outline(points));
        }
        return outlines;
    }

    private float at(int x, int y) {
        float here = x < 0 || y < 0 || x >= width || y >= height ? 0 : (coverage[y * width + x] & 0xFF) / 255f;
        // Exactly one half is the middle of a pixel, where crossings of several edges would be one.
        return Math.abs(here - HALF) < NUDGE ? HALF + NUDGE : here;
    }

    private int inside(int x, int y) {
        return at(x, y) >= HALF ? 1 : 0;
    }

    /** @param edge of the square: 0 above, 1 to the right, 2 beneath, 3 to the left */
    private Point crossing(int x, int y, int edge) {
        return switch (edge) {
            case 0 -> new Point(x + HALF + share(at(x, y), at(x + 1, y)), y + HALF);
            case 1 -> new Point(x + 1 + HALF, y + HALF + share(at(x + 1, y), at(x + 1, y + 1)));
            case 2 -> new Point(x + HALF + share(at(x, y + 1), at(x + 1, y + 1)), y + 1 + HALF);
            default -> new Point(x + HALF, y + HALF + share(at(x, y), at(x, y + 1)));
        };
    }

    /** How far from one to the other the half lies. */
    private static double share(float one, float other) {
        return (HALF - one) / (other - one);
    }
}
