package app.zumbido.core.extraction;

import app.zumbido.core.color.Difference;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the flat parts of a drawing that was blurred, scaled, printed and scanned, or packed by JPEG. The noise goes away
 * in the mean of many cells; what is left is how many colours there were.
 */
final class Plateaus {
    /** A cell across which a channel changes no more is flat; of 255. */
    private static final int FLAT = 7;
    /** Neighbours of one patch differ no more; of 255. */
    private static final int LINKED = 3;
    /** Cells of one flat colour lie so near to its peak; of 255. */
    private static final double PEAK_WIDTH = 9;
    /** Share of a patch that a peak must hold; an even gradient spreads its cells over more. */
    private static final double PEAK_SHARE = 0.3;
    /** About a flat colour there is little, about a step of a gradient the next one; share of the peak. */
    private static final double ABOUT_PEAK = 0.5;

    /** Smaller patches are too small for a gradient; cells. */
    private static final int LEAST_GRADIENT = 600;

    private static final double NARROW = 6;
    private static final double WIDE = 14;
    /** Patches nearer than this are one colour; ΔE00. */
    private static final double SAME = 2.6;
    /** A patch that is a small part of a colour may be this far off, from the blur about it; ΔE00. */
    private static final double SAME_IF_SMALL = 4.5;

    private static final double SMALL_PART = 0.03;
    /** Fewer flat cells than this are chance. */
    private static final int LEAST_CELLS = 5;
    /** What is nowhere deeper may be the inside of a blurred stroke, or the fringe of an edge; cells. */
    private static final int SHALLOW = 2;
    /** So far from every larger colour something shallow must lie; of 255. */
    private static final double FRINGE = 30;
    /** The same for what is left after the first look, where the noise is stronger; of 255. */
    private static final int NEARLY_FLAT = 18;

    private static final int NEARLY_LINKED = 7;
    /** Fewer nearly flat cells than this are chance. */
    private static final int LEAST_NEARLY_FLAT = 12;
    /** How far a mixture lies off the line between two colours at most; of 255. */
    private static final double OFF_LINE = 9;

    private final Cells cells;
    private final byte[] changes;
    /** Per cell: index of its plateau, or {@link Patches#NONE}. */
    final int[] labels;

    final List<Plateau> found = new ArrayList<>();
    /** The insides of strokes, perhaps: too shallow to be sure of, but no fringes and no mixtures. */
    final List<Plateau> shallow = new ArrayList<>();

    Plateaus(Cells cells, byte[] changes) {
        this.cells = cells;
        this.changes = changes;
        labels = new int[cells.count()];
        Arrays.fill(labels, Patches.NONE);
        look(Patches.of(cells, this::isFlat, LINKED), LEAST_CELLS, 0);
        look(Patches.of(cells, this::isNearlyFlat, NEARLY_LINKED), LEAST_NEARLY_FLAT, SHALLOW);
    }

    private void look(Patches patches, int leastCells, int leastDepth) {
        List<Patch> flat = flatOf(patches, leastCells);
        flat.removeIf(patch -> patch.depth < leastDepth);
        int[] group = new int[patches.count];
        Arrays.fill(group, Patches.NONE);
        merge(flat, group);
        label(patches, flat, group);
    }

    private boolean isFlat(int cell) {
        return (changes[cell] & 0xFF) <= FLAT;
    }

    private boolean isNearlyFlat(int cell) {
        return labels[cell] == Patches.NONE && (changes[cell] & 0xFF) <= NEARLY_FLAT;
    }

    /** @return per cell, as {@link Cells#changes()} tells */
    byte[] changes() {
        return changes;
    }

    private static final class Patch {
        private final int label;
        private final ColorBins bins = new ColorBins(2);
        private int depth;
        private Point mean = new Point(0, 0, 0);
        private long count;
        private long narrow;
        private long wide;

        private Patch(int label) {
            this.label = label;
        }

        private void add(int rgb, int inside) {
            bins.add(rgb);
            depth = Math.max(depth, inside);
        }

        private void findPeak() {
            ColorBins.Bin peak = bins.peak();
            mean = peak.mean();
            count = peak.count();
        }

        private void compare(int rgb) {
            double away = mean.distanceTo(rgb);
            narrow += away <= NARROW ? 1 : 0;
            wide += away > NARROW && away <= WIDE ? 1 : 0;
        }

        private boolean isFlat() {
            boolean narrowEnough = bins.total() < LEAST_GRADIENT || wide <= ABOUT_PEAK * narrow;
            return count >= PEAK_SHARE * bins.total() && narrowEnough;
        }
    }

    private List<Patch> flatOf(Patches patches, int leastCells) {
        short[] depths = Depths.of(patches.labels, cells.width, cells.height);
        List<Patch> flat = new ArrayList<>();
        for (int label = 0; label < patches.count; label++) {
            if (patches.size(label) >= leastCells) {
                Patch patch = new Patch(label);
                patches.cells(label).forEach(cell -> patch.add(cells.at(cell), depths[cell]));
                patch.findPeak();
                patches.cells(label).forEach(cell -> patch.compare(cells.at(cell)));
                if (patch.isFlat()) {
                    flat.add(patch);
                }
            }
        }
        flat.sort(Comparator.comparingLong((Patch p) -> p.count).reversed());
        return flat;
    }

    /** Larger patches first, so that small ones join them. */
    private void merge(List<Patch> flat, int[] group) {
        List<List<Patch>> groups = new ArrayList<>();
        for (Patch patch : flat) {
            int best = Patches.NONE;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < groups.size(); i++) {
                double apart = Difference.between(groups.get(i).get(0).mean.toRgb(), patch.mean.toRgb());
                double allowed = patch.count < SMALL_PART * size(groups.get(i)) ? SAME_IF_SMALL : SAME;
                if (apart <= allowed && apart < least) {
                    least = apart;
                    best = i;
                }
            }
            if (best == Patches.NONE) {
                best = groups.size();
                groups.add(new ArrayList<>());
            }
            groups.get(best).add(patch);
            group[patch.label] = best;
        }
        keepWhatStands(groups, group);
    }

    private static long size(List<Patch> group) {
        return group.stream().mapToLong(patch -> patch.count).sum();
    }

    private void keepWhatStands(List<List<Patch>> groups, int[] group) {
        List<Plateau> all = new ArrayList<>(found);
        groups.forEach(g -> all.add(new Plateau(
                mean(g), size(g), g.stream().mapToInt(p -> p.depth).max().orElse(0))));
        int earlier = found.size();
        int[] renumbered = new int[groups.size()];
        for (int i = 0; i < renumbered.length; i++) {
            Plateau plateau = all.get(earlier + i);
            List<Plateau> larger = all.stream()
                    .filter(p -> p != plateau && (p.cells() > 2 * plateau.cells() || found.contains(p)))
                    .toList();
            boolean sure = earlier == 0 && plateau.depth() > SHALLOW;
            boolean keep = sure || plateau.depth() >= SHALLOW && stands(plateau, larger);
            renumbered[i] = keep ? found.size() : Patches.NONE;
            if (keep) {
                found.add(plateau);
            } else if (plateau.cells() >= LEAST_NEARLY_FLAT && stands(plateau, larger)) {
                shallow.add(plateau);
            }
        }
        for (int i = 0; i < group.length; i++) {
            group[i] = group[i] == Patches.NONE ? Patches.NONE : renumbered[group[i]];
        }
    }

    /** By size, since a small patch is turned away by the blur about it. */
    private static Point mean(List<Patch> group) {
        Point sum = new Point(0, 0, 0);
        double weight = 0;
        int deepest = group.stream().mapToInt(p -> p.depth).max().orElse(0);
        for (Patch patch : group) {
            double own = patch.depth * 2 >= deepest ? patch.count : patch.count * 0.05;
            sum = sum.plus(patch.mean, own);
            weight += own;
        }
        return new Point(0, 0, 0).plus(sum, 1 / weight);
    }

    /** @return whether something shallow is a colour of its own, neither fringe nor mixture of larger ones */
    private static boolean stands(Plateau plateau, List<Plateau> larger) {
        return larger.stream().allMatch(p -> p.mean().distanceTo(plateau.mean()) > FRINGE) && !isMixed(plateau, larger);
    }

    private static boolean isMixed(Plateau plateau, List<Plateau> larger) {
        for (Plateau one : larger) {
            for (Plateau other : larger) {
                double at = plateau.mean().along(one.mean(), other.mean());
                if (one != other
                        && at > 0.05
                        && at < 0.95
                        && plateau.mean().distanceToLine(one.mean(), other.mean()) <= OFF_LINE) {
                    return true;
                }
            }
        }
        return false;
    }

    private void label(Patches patches, List<Patch> flat, int[] group) {
        Patch[] byLabel = new Patch[patches.count];
        flat.forEach(patch -> byLabel[patch.label] = patch);
        for (int i = 0; i < labels.length; i++) {
            int patch = patches.labels[i];
            if (patch != Patches.NONE
                    && group[patch] != Patches.NONE
                    && byLabel[patch].mean.distanceTo(cells.at(i)) <= PEAK_WIDTH) {
                labels[i] = group[patch];
            }
        }
    }
}
