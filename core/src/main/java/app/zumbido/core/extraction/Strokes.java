package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Finds the colour of lettering and lines so thin that hardly a pixel is all of it, in artwork without noise. Every pixel
 * of such a stroke is a mixture with the ground, so they lie on one line in the colour cube, and the colour is at its far
 * end.
 */
final class Strokes {
    /** Cells around in which the ground of a stroke is looked for. */
    private static final int REACH = 6;
    /** Nearer to the ground it may be noise; of 255. */
    private static final double LEAST_CONTRAST = 34;
    /** A line bends the picture; a shadow hardly does. Of 255. */
    private static final int LEAST_BEND = 7;
    /** How far a mixture lies off the line, since JPEG keeps less of hue than of light; of 255, and share of contrast. */
    private static final double OFF_LINE = 14;

    private static final double OFF_LINE_SHARE = 0.14;
    /** Mixtures of one stroke lie in directions from the ground that differ no more; cosine. */
    private static final double SAME_DIRECTION = 0.94;
    /** A stroke of fewer peaks is chance. */
    private static final int LEAST_PEAKS = 10;
    /** Share of all cells that must be peaks of one stroke. */
    private static final double LEAST_SHARE = 0.0002;
    /** From the paler end of its peaks; the palest are where strokes are thinnest, the strongest are noise. */
    private static final double CORE = 0.85;
    /** When the middle peaks are nearly as strong, the stroke is wide enough to show its colour all along; share. */
    private static final double EVEN = 0.85;
    /** So near to the core the values are looked at; share of the contrast. */
    private static final double ABOUT_CORE = 0.08;

    /** What is flat inside a stroke has at least this share of the contrast of its peaks. */
    private static final double NEAR_PEAK = 0.7;

    /** How far an edge that was sharpened overshoots, at most; of its contrast. */
    private static final double SHARPENED = 1.3;

    /** Mixtures hardly ever come out the same so often. */
    private static final int REPEATED = 4;

    private static final int MOST = 4;

    private final Cells cells;
    private final Structure structure;
    private final List<Plateau> plateaus;
    private final List<Plateau> shallow;
    /** Colours that are known besides the flat ones. */
    private final List<Rgb> known;

    private record Peak(int ground, Point away, Rgb rgb) {}

    private Strokes(Structure structure, List<Rgb> known) {
        this.structure = structure;
        this.known = known;
        cells = structure.cells();
        plateaus = structure.plateaus().found;
        shallow = structure.plateaus().shallow;
    }

    /**
     * @param known what has been found already
     * @return colours that occur, and that are no mixtures of the ground with another
     */
    static List<Rgb> colors(Structure structure, List<Rgb> known) {
        return new Strokes(structure, known).find();
    }

    private List<Rgb> find() {
        List<Peak> peaks = new ArrayList<>();
        for (int cell = 0; cell < cells.count(); cell++) {
            if (structure.part(cell) == Patches.NONE
                    && cells.at(cell) != Cells.NOTHING
                    && (structure.bends()[cell] & 0xFF) >= LEAST_BEND) {
                int ground = onlyGround(cell);
                if (ground != Patches.NONE && isPeak(cell, ground)) {
                    Rgb rgb = Rgb.ofPacked(cells.pixel(cell));
                    Point away = Point.of(rgb).minus(plateaus.get(ground).mean());
                    if (!isMixture(rgb, ground)) {
                        peaks.add(new Peak(ground, away, rgb));
                    }
                }
            }
        }
        List<Rgb> found = new ArrayList<>();
        double least = Math.max(LEAST_PEAKS, LEAST_SHARE * cells.count());
        for (int ground = 0; ground < plateaus.size(); ground++) {
            int own = ground;
            List<Peak> left = new ArrayList<>(
                    peaks.stream().filter(p -> p.ground() == own).toList());
            while (left.size() >= least && found.size() < MOST) {
                List<Peak> stroke = commonDirection(left);
                left.removeAll(stroke);
                if (stroke.size() >= least) {
                    found.add(repeated(stroke).orElseGet(() -> core(stroke)));
                }
            }
        }
        return found;
    }

    /** @return the only plateau around, or none if there are several */
    private int onlyGround(int cell) {
        int x = cell % cells.width;
        int y = cell / cells.width;
        int only = Patches.NONE;
        for (int dy = -REACH; dy <= REACH; dy += 2) {
            for (int dx = -REACH; dx <= REACH; dx += 2) {
                int nx = x + dx;
                int ny = y + dy;
                int label = nx < 0 || ny < 0 || nx >= cells.width || ny >= cells.height
                        ? Patches.NONE
                        : structure.part(ny * cells.width + nx);
                if (label != Patches.NONE) {
                    if (only != Patches.NONE && only != label) {
                        return Patches.NONE;
                    }
                    only = label;
                }
            }
        }
        return only < plateaus.size() ? only : Patches.NONE;
    }

    private boolean isPeak(int cell, int ground) {
        double own = contrast(cell, ground);
        if (own < LEAST_CONTRAST) {
            return false;
        }
        int x = cell % cells.width;
        int y = cell / cells.width;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int nx = x + dx;
                int ny = y + dy;
                if (nx >= 0
                        && ny >= 0
                        && nx < cells.width
                        && ny < cells.height
                        && contrast(ny * cells.width + nx, ground) > own) {
                    return false;
                }
            }
        }
        return true;
    }

    private double contrast(int cell, int ground) {
        return Point.of(cells.pixel(cell) & 0xFFFFFF)
                .distanceTo(plateaus.get(ground).mean());
    }

    private boolean isMixture(Rgb rgb, int ground) {
        Point point = Point.of(rgb);
        Point from = plateaus.get(ground).mean();
        double allowed = OFF_LINE + OFF_LINE_SHARE * point.distanceTo(from);
        // Sharpening goes beyond the colour itself.
        return known.stream()
                .map(Point::of)
                .filter(other -> other.distanceTo(from) > LEAST_CONTRAST / 2)
                .anyMatch(other -> point.distanceToSegment(from, from.plus(other.minus(from), SHARPENED)) <= allowed);
    }

    private static List<Peak> commonDirection(List<Peak> peaks) {
        Map<Integer, Integer> counts = new TreeMap<>();
        peaks.forEach(peak -> counts.merge(directionKey(peak.away()), 1, Integer::sum));
        int key = counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        Point sum = peaks.stream()
                .filter(peak -> directionKey(peak.away()) == key)
                .map(Peak::away)
                .reduce(new Point(0, 0, 0), (a, b) -> a.plus(b, 1));
        return peaks.stream()
                .filter(peak ->
                        peak.away().dot(sum) >= SAME_DIRECTION * peak.away().length() * sum.length())
                .toList();
    }

    private static int directionKey(Point away) {
        double length = away.length();
        return (int) (3 + Math.round(3 * away.red() / length)) * 100
                + (int) (3 + Math.round(3 * away.green() / length)) * 10
                + (int) (3 + Math.round(3 * away.blue() / length));
    }

    /** Without noise nothing is stronger than the stroke itself, and only its own value comes again and again. */
    private static Optional<Rgb> repeated(List<Peak> stroke) {
        Map<Rgb, Integer> counts = new HashMap<>();
        stroke.forEach(peak -> counts.merge(peak.rgb(), 1, Integer::sum));
        return stroke.stream()
                .filter(peak -> counts.get(peak.rgb()) >= REPEATED)
                .max(Comparator.comparingDouble(peak -> peak.away().length()))
                .map(Peak::rgb);
    }

    private Rgb core(List<Peak> stroke) {
        double[] lengths =
                stroke.stream().mapToDouble(p -> p.away().length()).sorted().toArray();
        double strongest = lengths[(int) (CORE * (lengths.length - 1))];
        double middle = lengths[lengths.length / 2];
        double core = middle >= EVEN * strongest ? middle : strongest;
        Optional<Point> inside = insideOf(stroke, strongest);
        if (inside.isPresent()) {
            return stroke.stream()
                    .map(Peak::rgb)
                    .min(Comparator.comparingDouble((Rgb rgb) -> Point.of(rgb).distanceTo(inside.get()))
                            .thenComparingInt(Rgb::packed))
                    .orElseThrow();
        }
        List<Peak> about = stroke.stream()
                .filter(p -> Math.abs(p.away().length() - core) <= ABOUT_CORE * core)
                .toList();
        Map<Rgb, Integer> counts = new TreeMap<>(Comparator.comparingInt(Rgb::packed));
        about.forEach(peak -> counts.merge(peak.rgb(), 1, Integer::sum));
        Point mean = new Point(0, 0, 0);
        for (Peak peak : about) {
            mean = mean.plus(Point.of(peak.rgb()), 1.0 / about.size());
        }
        return Representative.of(mean, counts);
    }

    /** A stroke that is flat somewhere shows its colour there, where noise and sharpening exaggerate its peaks. */
    private Optional<Point> insideOf(List<Peak> stroke, double strongest) {
        Point from = plateaus.get(stroke.get(0).ground()).mean();
        Point sum = stroke.stream().map(Peak::away).reduce(new Point(0, 0, 0), (a, b) -> a.plus(b, 1));
        return shallow.stream()
                .map(Plateau::mean)
                .filter(mean -> {
                    Point away = mean.minus(from);
                    double length = away.length();
                    return length >= NEAR_PEAK * strongest
                            && length <= strongest
                            && away.dot(sum) >= SAME_DIRECTION * length * sum.length();
                })
                .max(Comparator.comparingDouble(mean -> mean.distanceTo(from)));
    }
}
