package app.zumbido.formats.logos;

import java.awt.geom.Path2D;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

/**
 * Makes a closed outline of many points one of few. Source: Douglas and Peucker, Algorithms for the reduction of the number
 * of points required to represent a digitized line or its caricature, 1973.
 */
final class Outline {
    /** How far the outline may move; pixels. */
    private static final double MOVES = 0.1;
    /** What is thinner is what smoothed edges leave, or nothing; pixels. */
    private static final double CRUMB = 0.9;

    private final double[] x;
    private final double[] y;
    private final boolean[] kept;

    /** @param points x and y of each, without the first again at the end */
    Outline(List<double[]> points) {
        int count = points.size();
        x = new double[count + 1];
        y = new double[count + 1];
        for (int i = 0; i <= count; i++) {
            x[i] = points.get(i % count)[0];
            y[i] = points.get(i % count)[1];
        }
        kept = new boolean[count + 1];
    }

    /**
     * @param coarse 1 for as fine as can be, more for fewer points
     * @param path gets the outline, unless it encloses next to nothing
     * @return how many points it has there
     */
    int append(Path2D path, double coarse) {
        return breadth() < CRUMB * coarse ? 0 : reduced(path, MOVES * coarse);
    }

    /** @param moves how far the outline may move @return how many points it has in the path */
    int reduced(Path2D path, double moves) {
        thin(moves);
        int points = 0;
        for (int i = 0; i < kept.length - 1; i++) {
            if (kept[i] && points == 0) {
                path.moveTo(x[i], y[i]);
            } else if (kept[i]) {
                path.lineTo(x[i], y[i]);
            }
            points += kept[i] ? 1 : 0;
        }
        path.closePath();
        return points;
    }

    /** How thick a stroke would be with the same area and outline. */
    private double breadth() {
        double twice = 0;
        double length = 0;
        for (int i = 1; i < x.length; i++) {
            twice += x[i - 1] * y[i] - x[i] * y[i - 1];
            length += Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
        }
        return Math.abs(twice) / length;
    }

    /** The first point and the one that is farthest from it stay in any case. */
    private void thin(double moves) {
        Arrays.fill(kept, false);
        int last = x.length - 1;
        int far = 0;
        for (int i = 1; i < last; i++) {
            if (Math.hypot(x[i] - x[0], y[i] - y[0]) > Math.hypot(x[far] - x[0], y[far] - y[0])) {
                far = i;
            }
        }
        kept[0] = true;
        kept[far] = true;
        thin(0, far, moves);
        thin(far, last, moves);
    }

    private void thin(int from, int to, double moves) {
        Deque<int[]> parts = new ArrayDeque<>();
        parts.push(new int[] {from, to});
        while (!parts.isEmpty()) {
            int[] part = parts.pop();
            int worst = -1;
            double most = moves;
            for (int i = part[0] + 1; i < part[1]; i++) {
                double away = away(i, part[0], part[1]);
                if (away > most) {
                    most = away;
                    worst = i;
                }
            }
            if (worst >= 0) {
                kept[worst] = true;
                parts.push(new int[] {part[0], worst});
                parts.push(new int[] {worst, part[1]});
            }
        }
    }

    /** Distance of a point from the line between two others. */
    private double away(int point, int from, int to) {
        double dx = x[to] - x[from];
        double dy = y[to] - y[from];
        double length = Math.hypot(dx, dy);
        double px = x[point] - x[from];
        double py = y[point] - y[from];
        return length == 0 ? Math.hypot(px, py) : Math.abs(px * dy - py * dx) / length;
    }
}
