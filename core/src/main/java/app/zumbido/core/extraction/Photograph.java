package app.zumbido.core.extraction;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Reads photographs: where colours crowd together in OKLab there is one, represented by a value that occurs. A small vivid
 * part needs fewer cells than a large dull one, and a textured area is one colour however wide it spreads.
 */
final class Photograph {
    /** So many cells are looked at; smoothing over them takes grain and texture away. */
    private static final int MOST_CELLS = 160_000;

    private static final int SMOOTHING = 2;
    /** A cell across which a channel changes more is an edge, and its colour a mixture; of 255. */
    private static final int EDGE = 28;
    /** Share of the picture that a dull colour needs. */
    private static final double LEAST_SHARE = 0.02;
    /** Share that a colour needs whose chroma is far from all larger ones. */
    private static final double LEAST_VIVID_SHARE = 0.0018;
    /** From this chroma a colour is vivid; OKLCH. */
    static final double VIVID = 0.09;
    /** A screen shows no stronger teal, so what is nearly as strong as it can be is vivid from here. */
    private static final double VIVID_IF_FULL = 0.065;
    /** Share of the largest channel by which the smallest stays behind, in a colour as strong as a screen shows it. */
    private static final double FULL = 0.8;
    /** So far from every larger colour a small vivid one must lie; OKLab units. */
    private static final double ISOLATED = 0.07;

    /** What stands together in the picture is at least so deep; cells. */
    private static final int COMPACT = 3;

    private static final int MOST_COARSE_CELLS = 10_000;
    /** As {@link #EDGE}, where less noise is left. */
    private static final int COARSE_EDGE = 16;
    /** What is told apart there fills at least such a share. */
    private static final double LARGE = 0.05;
    /** Two colours of one crowd are at least so far apart, and their mean lies between them; ΔE00. */
    private static final double SAME = 5;

    private static final double BETWEEN = 11;
    /** So far from every other colour a vivid thing must lie, and a dull one; ΔE00. */
    private static final double APART = 11;

    private static final double DULL_APART = 14;
    /** A vivid thing that lies so far from everything is seen however small it is; ΔE00. */
    private static final double STRIKING = 20;

    private static final double LEAST_STRIKING_SHARE = 0.0006;

    /** More are not needed to stand for a picture. */
    private static final int MOST = 9;

    private Photograph() {}

    /** @return the weightiest first */
    static List<Rgb> colors(Structure structure) {
        Cells cells = structure.cells().coarser(MOST_CELLS).smoothed(SMOOTHING);
        byte[] changes = cells.changes();
        Crowds crowds = new Crowds();
        for (int i = 0; i < cells.count(); i++) {
            if (cells.at(i) != Cells.NOTHING && (changes[i] & 0xFF) <= EDGE) {
                crowds.add(cells.at(i));
            }
        }
        List<Crowds.Crowd> found = crowds.find();
        List<Crowds.Crowd> kept = new ArrayList<>();
        for (Crowds.Crowd crowd : found) {
            double share = (double) crowd.count() / crowds.total();
            if (share >= LEAST_SHARE || isVivid(crowd, share, kept)) {
                kept.add(crowd);
            }
        }
        List<Point> means = new ArrayList<>(
                kept.stream().map(crowd -> Point.of(crowd.meanRgb())).toList());
        tellApart(structure, means);
        addCompact(structure, means);
        Uncovered.beside(
                        crowds,
                        means.stream().map(mean -> Oklab.of(mean.toRgb())).toList(),
                        MOST)
                .forEach(mean -> means.add(Point.of(mean.toLinear().toRgb())));
        means.addAll(Specks.beside(structure.cells().coarser(MOST_CELLS), means));
        return represent(cells, means);
    }

    /**
     * Grain lets the crowds of two quiet things run together. In the means of larger cells there is less of it, so there they
     * may stand apart; what lies between them then is none of the colours.
     */
    private static void tellApart(Structure structure, List<Point> means) {
        Cells cells = structure.cells().coarser(MOST_COARSE_CELLS);
        byte[] changes = cells.changes();
        Crowds crowds = new Crowds();
        for (int i = 0; i < cells.count(); i++) {
            if (cells.at(i) != Cells.NOTHING && (changes[i] & 0xFF) <= COARSE_EDGE) {
                crowds.add(cells.at(i));
            }
        }
        List<Rgb> large = crowds.find().stream()
                .filter(crowd -> crowd.count() >= LARGE * crowds.total())
                .map(Crowds.Crowd::meanRgb)
                .toList();
        means.removeIf(mean -> large.stream().noneMatch(one -> Difference.between(one, mean.toRgb()) < SAME)
                && large.stream()
                                .filter(one -> Difference.between(one, mean.toRgb()) < BETWEEN)
                                .count()
                        > 1);
        large.stream()
                .filter(one -> means.stream().noneMatch(mean -> Difference.between(one, mean.toRgb()) < SAME))
                .map(Point::of)
                .forEach(means::add);
    }

    /** In a crowd a small thing may be lost on the slope of a large one, but in the picture it stands together. */
    private static void addCompact(Structure structure, List<Point> means) {
        for (Plateau plateau : structure.plateaus().found) {
            double share = (double) plateau.cells() / structure.cells().count();
            boolean vivid = isVivid(plateau.mean().toRgb());
            double away = means.stream()
                    .mapToDouble(mean ->
                            Difference.between(mean.toRgb(), plateau.mean().toRgb()))
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
            boolean large = share >= (vivid ? LEAST_VIVID_SHARE : LEAST_SHARE)
                    && plateau.depth() >= COMPACT
                    && away >= (vivid ? APART : DULL_APART);
            // Smoothing takes the rim of a small thing away, so what is left of it may be very little.
            boolean striking = vivid && share >= LEAST_STRIKING_SHARE && plateau.depth() > COMPACT && away >= STRIKING;
            if (large || striking) {
                means.add(plateau.mean());
            }
        }
    }

    private static boolean isVivid(Crowds.Crowd crowd, double share, List<Crowds.Crowd> larger) {
        Oklab mean = crowd.mean();
        boolean striking =
                larger.stream().allMatch(other -> Difference.between(other.meanRgb(), crowd.meanRgb()) >= STRIKING);
        return share >= (striking ? LEAST_STRIKING_SHARE : LEAST_VIVID_SHARE)
                && isVivid(crowd.meanRgb())
                && larger.stream().allMatch(other -> chromaticDistance(other.mean(), mean) >= ISOLATED);
    }

    private static boolean isVivid(Rgb rgb) {
        double chroma = Oklab.of(rgb).chroma();
        int most = Math.max(rgb.red(), Math.max(rgb.green(), rgb.blue()));
        int least = Math.min(rgb.red(), Math.min(rgb.green(), rgb.blue()));
        return chroma >= VIVID || chroma >= VIVID_IF_FULL && most - least >= FULL * most;
    }

    /** Light falls off and shadows fall, so lightness counts less than hue and chroma. */
    private static double chromaticDistance(Oklab one, Oklab other) {
        double light = (one.l() - other.l()) / 2;
        return Math.sqrt(light * light
                + (one.a() - other.a()) * (one.a() - other.a())
                + (one.b() - other.b()) * (one.b() - other.b()));
    }

    /** The mean of a crowd may occur nowhere, so the value nearest to it that does stands for it. */
    private static List<Rgb> represent(Cells cells, List<Point> means) {
        Rgb[] best = new Rgb[means.size()];
        double[] least = new double[best.length];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        for (int i = 0; i < cells.count(); i++) {
            if (cells.at(i) == Cells.NOTHING) {
                continue;
            }
            int rgb = cells.pixel(i) & 0xFFFFFF;
            for (int k = 0; k < best.length; k++) {
                double distance = means.get(k).distanceTo(rgb);
                if (distance < least[k]) {
                    least[k] = distance;
                    best[k] = Rgb.ofPacked(rgb);
                }
            }
        }
        List<Rgb> colors = new ArrayList<>();
        for (Rgb rgb : best) {
            if (rgb != null && !colors.contains(rgb)) {
                colors.add(rgb);
            }
        }
        return colors;
    }

    /** Largest first. */
    static final Comparator<Crowds.Crowd> BY_SIZE =
            Comparator.comparingLong(Crowds.Crowd::count).reversed();
}
