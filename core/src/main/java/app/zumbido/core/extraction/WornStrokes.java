package app.zumbido.core.extraction;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * Reasons out the colour of lettering so thin that scaling, blur and JPEG have left no pixel that has it. In which
 * direction it lies from the ground is told by everything around the stroke together, since hue is spread and not lost;
 * how far it lies, by the light in its middle and by what blur has taken of that.
 */
final class WornStrokes {
    /** A stroke of fewer ridges is chance. */
    private static final int LEAST_RIDGES = 20;
    /** Share of all cells that must be ridges of one stroke. */
    private static final double LEAST_SHARE = 0.0003;
    /** Share of all cells from which the ridges of a stroke tell its colour firmly. */
    private static final double FIRM_SHARE = 0.0007;
    /** Ridges of one stroke lie in directions from the ground that differ no more; cosine. */
    private static final double SAME_DIRECTION = 0.93;
    /** A little above the middle: the ends and joints of letters are weaker, and noise is stronger. Share of ridges. */
    private static final double STRENGTH = 0.55;
    /** Strokes that are crossed aslant look wider, so the narrowest tell. Share of ridges. */
    private static final double NARROWEST = 0.05;
    /** A stroke as light as its ground has no middle that could be seen; change of colour for each step of light. */
    private static final double MOST_PER_LIGHT = 5;
    /** A known colour in nearly the same direction is what the stroke is drawn with; radians. */
    private static final double SAME_WAY = 0.06;

    private static final double SAME_WAY_IF_FEW = 0.2;
    private static final double AS_FAR = 1.15;
    /** Nearer to a known colour, the stroke is that colour; ΔE00. */
    private static final double SAME = 8;

    private static final double SAME_IF_FEW = 14;

    private static final int MOST = 4;

    private WornStrokes() {}

    /**
     * What some ridges seem to be drawn with.
     *
     * @param firm whether there are so many that it is no chance
     */
    private record Guess(Point color, Point ground, int ridges, boolean firm) {}

    /** @param known what has been found already */
    static List<Rgb> colors(Structure structure, List<Rgb> known) {
        List<Rgb> all = new ArrayList<>(known);
        for (Guess guess : guesses(structure)) {
            if (all.size() < known.size() + MOST && isNew(guess, all)) {
                all.add(guess.color().toRgb());
            }
        }
        return all.subList(known.size(), all.size());
    }

    /** @return those with the most ridges first */
    private static List<Guess> guesses(Structure structure) {
        List<Ridge> ridges = Ridges.of(structure);
        int cells = structure.cells().count();
        double least = Math.max(LEAST_RIDGES, LEAST_SHARE * cells);
        Blur blur = Blur.of(structure.cells(), structure.plateaus());
        List<Guess> guesses = new ArrayList<>();
        for (int ground = 0; ground < structure.plateaus().found.size(); ground++) {
            int own = ground;
            Point from = structure.plateaus().found.get(ground).mean();
            List<Ridge> left = new ArrayList<>(
                    ridges.stream().filter(ridge -> ridge.ground() == own).toList());
            while (left.size() >= least) {
                List<Ridge> stroke = commonDirection(left);
                left.removeAll(stroke);
                if (stroke.size() >= least) {
                    boolean firm = stroke.size() >= FIRM_SHARE * cells;
                    guesses.add(new Guess(color(stroke, from, blur), from, stroke.size(), firm));
                }
            }
        }
        guesses.sort(Comparator.comparingInt(Guess::ridges).reversed());
        return guesses;
    }

    private static List<Ridge> commonDirection(List<Ridge> ridges) {
        Map<Integer, List<Ridge>> byDirection = new TreeMap<>();
        ridges.forEach(ridge -> byDirection
                .computeIfAbsent(directionKey(ridge.around()), key -> new ArrayList<>())
                .add(ridge));
        List<Ridge> common = byDirection.values().stream()
                .max((one, other) -> Integer.compare(one.size(), other.size()))
                .orElseThrow();
        // Twice, since the fullest direction may lie beside the middle of the stroke.
        for (int i = 0; i < 2; i++) {
            Point sum = new Point(0, 0, 0);
            for (Ridge ridge : common) {
                sum = sum.plus(ridge.around(), 1 / Math.max(1e-6, ridge.around().length()));
            }
            Point way = sum;
            common = ridges.stream()
                    .filter(ridge -> angle(ridge.around(), way) <= Math.acos(SAME_DIRECTION))
                    .toList();
            if (common.isEmpty()) {
                return ridges;
            }
        }
        return common;
    }

    private static int directionKey(Point away) {
        double length = Math.max(1e-6, away.length());
        return (int) (3 + Math.round(3 * away.red() / length)) * 100
                + (int) (3 + Math.round(3 * away.green() / length)) * 10
                + (int) (3 + Math.round(3 * away.blue() / length));
    }

    private static Point color(List<Ridge> stroke, Point ground, Blur blur) {
        double shoulder = quantile(stroke, Ridge::shoulder, NARROWEST);
        double light = quantile(stroke, Ridge::light, STRENGTH) / blur.leftInTheMiddle(shoulder);
        Point perLight = new Point(
                quantile(stroke, ridge -> ridge.perLight().red(), 0.5),
                quantile(stroke, ridge -> ridge.perLight().green(), 0.5),
                quantile(stroke, ridge -> ridge.perLight().blue(), 0.5));
        return perLight.length() > MOST_PER_LIGHT ? ground : ground.plus(perLight, light);
    }

    private static double quantile(List<Ridge> ridges, ToDoubleFunction<Ridge> value, double share) {
        double[] sorted = ridges.stream().mapToDouble(value).sorted().toArray();
        return sorted[(int) ((sorted.length - 1) * share)];
    }

    /** What lies on the way to a known colour and not beyond is a thin part of that. */
    private static boolean isNew(Guess guess, List<Rgb> known) {
        Rgb rgb = guess.color().toRgb();
        Point way = guess.color().minus(guess.ground());
        double same = guess.firm() ? SAME : SAME_IF_FEW;
        double sameWay = guess.firm() ? SAME_WAY : SAME_WAY_IF_FEW;
        return Difference.between(rgb, guess.ground().toRgb()) > SAME
                && known.stream().noneMatch(other -> {
                    Point toOther = Point.of(other).minus(guess.ground());
                    return Difference.between(other, rgb) <= same
                            || angle(way, toOther) <= sameWay && way.length() <= AS_FAR * toOther.length();
                });
    }

    /** @return 0 to π */
    private static double angle(Point one, Point other) {
        double lengths = one.length() * other.length();
        return lengths < 1e-6 ? Math.PI : Math.acos(Math.max(-1, Math.min(1, one.dot(other) / lengths)));
    }
}
