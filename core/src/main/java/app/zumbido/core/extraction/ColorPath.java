package app.zumbido.core.extraction;

import app.zumbido.core.extraction.ColorBins.Bin;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** The colours of a gradient put in a row: the longest of the shortest ways from cube to cube. */
final class ColorPath {
    /** Cubes whose means are nearer hang together; of 255, for cubes of 8. */
    private static final double STEP = 18;
    /** Cubes with a smaller share are noise. */
    private static final double LEAST_SHARE = 0.0008;
    /** No gradient passes through more cubes than this; noise does. */
    private static final int MOST = 400;

    /** Corners nearer to each other than this are one; of 255. */
    private static final double ONE_CORNER = 28;

    /** A corner that is worked out is taken where some cube is this near; of 255. */
    private static final double OCCURS = 9;

    /** A cube farther off the way than this was cut off; of 255. */
    private static final double CUT_OFF = 16;

    private static final int MOST_TIPS = 3;

    private ColorPath() {}

    /** @return at least one colour */
    static List<Point> through(ColorBins bins) {
        List<Point> points = bins.all().stream()
                .filter(bin -> bin.count() >= LEAST_SHARE * bins.total())
                .limit(MOST)
                .map(Bin::mean)
                .toList();
        if (points.isEmpty()) {
            return List.of(bins.all().get(0).mean());
        }
        int first = farthest(distances(points, 0, new int[points.size()]));
        int[] before = new int[points.size()];
        int last = farthest(distances(points, first, before));
        List<Point> path = new ArrayList<>();
        for (int at = last; at != first; at = before[at]) {
            path.add(points.get(at));
        }
        path.add(points.get(first));
        return path;
    }

    /** Shortest ways from one point; steps are made dearer the longer they are, so that none is jumped over. */
    private static double[] distances(List<Point> points, int from, int[] before) {
        double[] distance = new double[points.size()];
        boolean[] done = new boolean[points.size()];
        Arrays.fill(distance, Double.POSITIVE_INFINITY);
        distance[from] = 0;
        for (int round = 0; round < points.size(); round++) {
            int next = -1;
            for (int i = 0; i < points.size(); i++) {
                if (!done[i] && Double.isFinite(distance[i]) && (next < 0 || distance[i] < distance[next])) {
                    next = i;
                }
            }
            if (next < 0) {
                break;
            }
            done[next] = true;
            for (int i = 0; i < points.size(); i++) {
                double step = points.get(next).distanceTo(points.get(i));
                if (step <= STEP && distance[next] + step * step < distance[i]) {
                    distance[i] = distance[next] + step * step;
                    before[i] = next;
                }
            }
        }
        return distance;
    }

    private static int farthest(double[] distances) {
        int farthest = 0;
        for (int i = 0; i < distances.length; i++) {
            if (Double.isFinite(distances[i]) && distances[i] > distances[farthest]) {
                farthest = i;
            }
        }
        return farthest;
    }

    static double length(List<Point> path) {
        double length = 0;
        for (int i = 1; i < path.size(); i++) {
            length += path.get(i - 1).distanceTo(path.get(i));
        }
        return length;
    }

    /** @return first and last and every corner between, each where the straight parts on both sides meet */
    static List<Point> corners(List<Point> path, ColorBins bins, double tolerance) {
        List<Integer> at = new ArrayList<>(List.of(0));
        split(path, 0, path.size() - 1, tolerance, at);
        at.add(path.size() - 1);
        mergeNear(path, at);
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < at.size(); i++) {
            boolean inner = i > 0 && i < at.size() - 1;
            Point corner = path.get(at.get(i));
            if (inner) {
                Point meeting = meeting(path, at.get(i - 1), at.get(i), at.get(i + 1));
                boolean occurs = bins.all().stream().anyMatch(bin -> bin.mean().distanceTo(meeting) <= OCCURS);
                corner = occurs ? meeting : corner;
            }
            corners.add(corner);
        }
        addCutOff(corners, bins);
        return corners;
    }

    /** Where the way turns back sharply it takes a short cut, and the tip is left aside. */
    private static void addCutOff(List<Point> corners, ColorBins bins) {
        for (int round = 0; round < MOST_TIPS; round++) {
            Ramp ramp = new Ramp(List.copyOf(corners), 0);
            Point tip = bins.all().stream()
                    .filter(bin -> bin.count() >= LEAST_SHARE * bins.total())
                    .map(Bin::mean)
                    .max(Comparator.comparingDouble(ramp::distanceTo))
                    .orElseThrow();
            if (ramp.distanceTo(tip) <= CUT_OFF) {
                return;
            }
            int best = 1;
            for (int i = 1; i < corners.size(); i++) {
                best = detour(corners, i, tip) < detour(corners, best, tip) ? i : best;
            }
            Point before = corners.get(best - 1);
            Point after = corners.get(best);
            corners.add(best, tip);
            // What had been taken for the corner lay on the short cut.
            corners.removeIf(corner -> corner != tip
                    && (corner == before && corners.indexOf(corner) > 0
                            || corner == after && corners.indexOf(corner) < corners.size() - 1)
                    && onTheWay(corners, corner));
        }
    }

    private static boolean onTheWay(List<Point> corners, Point corner) {
        int at = corners.indexOf(corner);
        return corner.distanceToSegment(corners.get(at - 1), corners.get(at + 1)) <= CUT_OFF;
    }

    private static double detour(List<Point> corners, int at, Point tip) {
        Point one = corners.get(at - 1);
        Point other = corners.get(at);
        return one.distanceTo(tip) + tip.distanceTo(other) - one.distanceTo(other);
    }

    private static void split(List<Point> path, int from, int to, double tolerance, List<Integer> at) {
        int corner = -1;
        double most = tolerance;
        for (int i = from + 1; i < to; i++) {
            double off = path.get(i).distanceToSegment(path.get(from), path.get(to));
            if (off > most) {
                most = off;
                corner = i;
            }
        }
        if (corner >= 0) {
            split(path, from, corner, tolerance, at);
            at.add(corner);
            split(path, corner, to, tolerance, at);
        }
    }

    /** A corner that is rounded by blur is cut twice; it is one. */
    private static void mergeNear(List<Point> path, List<Integer> at) {
        for (int i = 1; i + 2 < at.size(); i++) {
            if (path.get(at.get(i)).distanceTo(path.get(at.get(i + 1))) < ONE_CORNER) {
                at.set(i, (at.get(i) + at.get(i + 1)) / 2);
                at.remove(i + 1);
                i--;
            }
        }
        at.removeIf(index -> index != 0
                && index != path.size() - 1
                && (path.get(index).distanceTo(path.get(0)) < ONE_CORNER
                        || path.get(index).distanceTo(path.get(path.size() - 1)) < ONE_CORNER));
    }

    /** Where the lines through both straight parts come nearest to each other: a sharp corner is cut by the way itself. */
    private static Point meeting(List<Point> path, int from, int corner, int to) {
        int left = (corner - from) / 4;
        int right = (to - corner) / 4;
        Point a = path.get(from);
        Point u = path.get(corner - Math.max(left, 0)).minus(a);
        Point b = path.get(to);
        Point v = path.get(corner + Math.max(right, 0)).minus(b);
        Point w = a.minus(b);
        double uu = u.dot(u);
        double uv = u.dot(v);
        double vv = v.dot(v);
        double determinant = uu * vv - uv * uv;
        if (determinant < 0.05 * uu * vv) {
            return path.get(corner);
        }
        double s = (uv * v.dot(w) - vv * u.dot(w)) / determinant;
        double t = (uu * v.dot(w) - uv * u.dot(w)) / determinant;
        Point one = a.plus(u, s);
        Point other = b.plus(v, t);
        return one.plus(other.minus(one), 0.5);
    }
}
