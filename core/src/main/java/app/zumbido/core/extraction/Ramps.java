package app.zumbido.core.extraction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Finds gradients: patches that change steadily from one colour to the next. Their colours form a path through the colour
 * cube, straight from stop to stop, so its ends and its corners are the stops.
 */
final class Ramps {
    /** A cell lies no farther off the straight line between its neighbours; of 255. */
    private static final int STRAIGHT = 5;
    /** Steeper is an edge; of 255 across a cell. */
    private static final int STEEPEST = 48;

    private static final int LINKED = 12;
    /** Share of the picture that a gradient fills at least. */
    private static final double LEAST_SHARE = 0.004;
    /** A gradient is somewhere at least so deep; the middle of a blurred edge is not. Cells. */
    private static final int LEAST_DEPTH = 4;
    /** The colours of a gradient are at least so far from end to end; of 255. Less is a stain or bad light. */
    private static final double LEAST_LENGTH = 28;
    /** A path that leaves the straight line by more has a stop there; of 255. */
    private static final double CORNER = 10;
    /** Share of a patch that a plateau holds, from which it is no part of the gradient. */
    private static final double FLAT_PART = 0.05;

    private static final double FLAT_WIDTH = 8;
    /** Share of a flat part that lies just beyond its width, by blur. */
    private static final double ABOUT_FLAT = 0.3;
    /** So many cells tell where a gradient ends. */
    private static final int WITNESSES = 60_000;
    /** Channels of a shadow stand in one proportion to those of what it falls on, up to this. */
    private static final double SHADOW_PROPORTION = 0.09;

    private final Cells cells;
    private final byte[] changes;
    private final List<Plateau> plateaus;
    private final short[] depths;
    /** Per cell: number of its ramp in {@link #found}, or {@link Patches#NONE}. */
    final int[] labels;

    final List<Ramp> found = new ArrayList<>();
    /** Soft shadows; they are looked at like gradients, and nothing is proposed of them. */
    final List<Ramp> shadows = new ArrayList<>();
    /** The label of cells in a shadow. */
    static final int SHADOW = 1 << 20;

    Ramps(Cells cells, Plateaus plateaus, byte[] bends) {
        this.cells = cells;
        this.plateaus = plateaus.found;
        changes = plateaus.changes();
        Patches patches = Patches.of(
                cells, cell -> (bends[cell] & 0xFF) <= STRAIGHT && (changes[cell] & 0xFF) <= STEEPEST, LINKED);
        depths = Depths.of(patches.labels, cells.width, cells.height);
        labels = new int[cells.count()];
        Arrays.fill(labels, Patches.NONE);
        for (int patch = 0; patch < patches.count; patch++) {
            if (patches.size(patch) >= LEAST_SHARE * cells.count()
                    && patches.cells(patch).anyMatch(cell -> depths[cell] >= LEAST_DEPTH)) {
                look(patches, patch);
            }
        }
    }

    private void look(Patches patches, int patch) {
        List<Point> flat = flatParts(patches, patch);
        int[] members = patches.cells(patch)
                .filter(cell -> flat.stream().noneMatch(p -> p.distanceTo(cells.at(cell)) <= FLAT_WIDTH))
                .toArray();
        ColorBins bins = new ColorBins(3);
        BitSet member = new BitSet(cells.count());
        for (int cell : members) {
            bins.add(cells.at(cell));
            member.set(cell);
        }
        if (members.length < LEAST_SHARE * cells.count()
                || Arrays.stream(members).noneMatch(cell -> isDeep(member, cell))) {
            return;
        }
        List<Point> path = ColorPath.through(bins);
        Point first = path.get(0);
        Point last = path.get(path.size() - 1);
        if (ColorPath.length(path) < LEAST_LENGTH) {
            if (!flat.isEmpty()) {
                shadows.add(new Ramp(List.of(first, last), members.length));
                mark(members, SHADOW);
            }
            return;
        }
        List<Point> stops = ColorPath.corners(path, bins, CORNER);
        boolean straight = stops.size() == 2;
        if (straight && (isShadow(flat, first, last) || isShadow(flat, last, first))) {
            shadows.add(new Ramp(List.of(first, last), members.length));
            mark(members, SHADOW);
            return;
        }
        stops.set(0, end(members, stops.get(1), stops.get(0)));
        int end = stops.size() - 1;
        stops.set(end, end(members, stops.get(end - 1), stops.get(end)));
        mark(members, found.size());
        found.add(new Ramp(stops, members.length));
    }

    private void mark(int[] members, int label) {
        for (int cell : members) {
            labels[cell] = label;
        }
    }

    /** @return plateaus that hold much of a patch: what they are is no gradient, even if blur links them to one */
    private List<Point> flatParts(Patches patches, int patch) {
        long[] near = new long[plateaus.size()];
        long[] about = new long[plateaus.size()];
        patches.cells(patch).forEach(cell -> {
            for (int p = 0; p < near.length; p++) {
                double away = plateaus.get(p).mean().distanceTo(cells.at(cell));
                near[p] += away <= FLAT_WIDTH ? 1 : 0;
                about[p] += away > FLAT_WIDTH && away <= 2 * FLAT_WIDTH ? 1 : 0;
            }
        });
        List<Point> parts = new ArrayList<>();
        for (int p = 0; p < near.length; p++) {
            // A step of the gradient has the next steps about it.
            if (near[p] >= FLAT_PART * patches.size(patch) && about[p] <= ABOUT_FLAT * near[p]) {
                parts.add(plateaus.get(p).mean());
            }
        }
        return parts;
    }

    private boolean isDeep(BitSet member, int cell) {
        int x = cell % cells.width;
        int y = cell / cells.width;
        int r = LEAST_DEPTH - 1;
        if (x < r || y < r || x + r >= cells.width || y + r >= cells.height) {
            return false;
        }
        for (int dy = -r; dy <= r; dy += r) {
            for (int dx = -r; dx <= r; dx += r) {
                if (!member.get(cell + dy * cells.width + dx)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** @return whether a colour lies on the way of one of the gradients or shadows */
    static boolean passThrough(List<Ramp> ramps, Point point, double tolerance) {
        return ramps.stream().anyMatch(ramp -> ramp.distanceTo(point) <= tolerance);
    }

    /** @return whether the way leads from a flat colour, and nothing happens on it but that light is taken away */
    private static boolean isShadow(List<Point> flat, Point bright, Point dark) {
        boolean fromFlat = flat.stream().anyMatch(p -> p.distanceTo(bright) <= 3 * FLAT_WIDTH);
        double most = Math.max(
                dark.red() / Math.max(1, bright.red()),
                Math.max(dark.green() / Math.max(1, bright.green()), dark.blue() / Math.max(1, bright.blue())));
        double proportion = dark.dot(bright) / Math.max(1, bright.dot(bright));
        Point rest = dark.minus(new Point(0, 0, 0).plus(bright, proportion));
        return fromFlat && most < 1 && rest.length() <= SHADOW_PROPORTION * bright.length();
    }

    /** Smoothing and the edge of the shape hide the last steps, so the end is drawn out by what it changes there. */
    private Point end(int[] members, Point before, Point end) {
        Point way = end.minus(before);
        double length = way.length();
        int step = Math.max(1, members.length / WITNESSES);
        double[] along = IntStream.range(0, members.length / step)
                .mapToObj(i -> Point.of(cells.at(members[i * step])))
                .filter(point -> point.distanceToLine(before, end) <= CORNER)
                .mapToDouble(point -> point.along(before, end))
                .filter(at -> at > 0.5)
                .sorted()
                .toArray();
        if (along.length == 0) {
            return end;
        }
        double farthest = along[(int) ((along.length - 1) * 0.995)];
        double hidden = 0;
        int count = 0;
        for (int i = 0; i < members.length; i += step) {
            int cell = members[i];
            Point point = Point.of(cells.at(cell));
            if (point.distanceToLine(before, end) <= CORNER && point.along(before, end) > farthest - 0.04) {
                // Deep inside nothing is hidden; at the border two cells and a half are.
                hidden += depths[cell] <= 3 ? (changes[cell] & 0xFF) / 4.0 * 2.5 : 0;
                count++;
            }
        }
        double largest = Math.max(Math.abs(way.red()), Math.max(Math.abs(way.green()), Math.abs(way.blue())));
        double drawnOut = count == 0 || largest == 0 ? 0 : hidden / count / largest;
        return clip(before.plus(way, farthest + Math.min(drawnOut, 20 / Math.max(1, length))));
    }

    private static Point clip(Point point) {
        return Point.of(point.toRgb());
    }
}
