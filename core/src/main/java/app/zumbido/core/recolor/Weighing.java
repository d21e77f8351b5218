package app.zumbido.core.recolor;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.Deal.Weaker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What an arrangement costs. Lightness is weighed alike for small and large areas and by its square, so that of several areas
 * the lighter ones get the lighter colours. All weights were set by eye; no published source.
 */
public final class Weighing {
    private static final double LIGHTNESS = 4;
    private static final double CONTRAST = 2;
    /** More than this nobody needs to tell two areas apart; contrast ratio. */
    private static final double ENOUGH = 7;
    /** Below this they run together; contrast ratio. */
    private static final double LOST = 1.15;

    private static final double RUNS_TOGETHER = 1;
    private static final double IMPORTANCE = 0.3;
    /** What a large area costs that could have the main colour, of what it costs with the highlight. */
    private static final double NOT_THE_MAIN = 0.2;

    private static final double MOOD = 1.5;
    /** Nobody tells them apart; ΔE00, common practice, no published source. */
    private static final double SAME = 2.3;

    private static final double BECAME_ONE = 0.3;
    private static final double BECAME_KIN = 0.1;
    private static final double TORN = 0.3;
    /** A border that is hardly there still counts so much of the longest. */
    private static final double LEAST_BORDER = 0.3;

    private final Graphic graphic;
    private final Stock stock;
    private final Optional<Mood> mood;
    private final Oklch[] before;
    private final double[][] ratios;
    private final double[] sizes;
    private final double longest;
    private final boolean[][] kin;
    private final Map<Rgb, Known> known = new HashMap<>();

    /** What is asked of a colour again and again. */
    private record Known(Oklch oklch, Lab lab, double luminance) {
        static Known of(Rgb color) {
            return new Known(Oklch.of(color), Lab.of(color), ContrastRatio.relativeLuminance(color));
        }
    }

    public Weighing(Graphic graphic, Stock stock, Optional<Mood> mood) {
        this.graphic = graphic;
        this.stock = stock;
        this.mood = mood;
        int count = graphic.areas().size();
        before = graphic.areas().stream().map(ColorArea::oklch).toArray(Oklch[]::new);
        ratios = new double[count][count];
        kin = new boolean[count][count];
        double most = 0;
        double largest =
                graphic.areas().stream().mapToDouble(ColorArea::share).max().orElse(0);
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < count; j++) {
                ratios[i][j] = ratio(color(i), color(j));
                kin[i][j] =
                        Families.areKin(graphic.areas().get(i), graphic.areas().get(j));
                most = i == j ? most : Math.max(most, graphic.borders()[i][j]);
            }
        }
        longest = most;
        sizes = graphic.areas().stream()
                .mapToDouble(area -> largest == 0 ? 0 : Math.sqrt(area.share() / largest))
                .toArray();
    }

    private Rgb color(int area) {
        return graphic.areas().get(area).color();
    }

    private Known known(Rgb color) {
        return known.computeIfAbsent(color, Known::of);
    }

    private Oklch oklch(Rgb color) {
        return known(color).oklch();
    }

    private double ratio(Rgb one, Rgb other) {
        return ContrastRatio.ofLuminances(known(one).luminance(), known(other).luminance())
                .value();
    }

    double lightness(int area, Rgb color) {
        double apart = before[area].l() - oklch(color).l();
        double weight =
                mood.filter(word -> word == Mood.DARKER || word == Mood.LIGHTER).isPresent() ? 0.25 : 1;
        return LIGHTNESS * weight * apart * apart;
    }

    double importance(int area, Rgb color) {
        return IMPORTANCE
                * switch (stock.importance(color)) {
                    case MAIN -> 1 - sizes[area];
                    case ANY -> NOT_THE_MAIN * sizes[area];
                    case HIGHLIGHT -> sizes[area];
                };
    }

    double mood(int area, Rgb color) {
        return mood.map(word -> MOOD * sizes[area] * (1 - word.likes(oklch(color))))
                .orElse(0.0);
    }

    double contrast(int one, int other, Rgb colorOfOne, Rgb colorOfOther) {
        if (!graphic.touch(one, other)) {
            return 0;
        }
        double wanted = Math.min(ENOUGH, ratios[one][other]);
        double has = ratio(colorOfOne, colorOfOther);
        double missing = Math.max(0, Math.log(wanted / has));
        double lost = has < LOST && ratios[one][other] >= LOST ? RUNS_TOGETHER : 0;
        double weight = LEAST_BORDER + (1 - LEAST_BORDER) * graphic.borders()[one][other] / longest;
        return weight * (CONTRAST * missing * missing + lost);
    }

    double families(int one, int other, Rgb colorOfOne, Rgb colorOfOther) {
        boolean same =
                Difference.between(known(colorOfOne).lab(), known(colorOfOther).lab()) < SAME;
        boolean stayKin = Families.areKin(oklch(colorOfOne), oklch(colorOfOther));
        if (kin[one][other]) {
            boolean pale = Families.isBlackOrWhite(oklch(colorOfOne)) || Families.isBlackOrWhite(oklch(colorOfOther));
            return same || !stayKin && !pale ? TORN : 0;
        }
        return same ? BECAME_ONE : stayKin ? BECAME_KIN : 0;
    }

    double alone(int area, Rgb color) {
        return graphic.areas().get(area).still()
                ? 0
                : lightness(area, color) + importance(area, color) + mood(area, color);
    }

    double together(int one, int other, Rgb colorOfOne, Rgb colorOfOther) {
        return contrast(one, other, colorOfOne, colorOfOther) + families(one, other, colorOfOne, colorOfOther);
    }

    /** @param colors what each area gets, in the order of the areas */
    public Deal deal(List<Rgb> colors) {
        double lightness = 0;
        double importance = 0;
        double feeling = 0;
        double contrast = 0;
        double families = 0;
        double least = Double.MAX_VALUE;
        List<Weaker> weaker = new ArrayList<>();
        for (int i = 0; i < colors.size(); i++) {
            if (!graphic.areas().get(i).still()) {
                lightness += lightness(i, colors.get(i));
                importance += importance(i, colors.get(i));
                feeling += mood(i, colors.get(i));
            }
            for (int j = i + 1; j < colors.size(); j++) {
                contrast += contrast(i, j, colors.get(i), colors.get(j));
                families += families(i, j, colors.get(i), colors.get(j));
                if (graphic.touch(i, j)) {
                    double after = ratio(colors.get(i), colors.get(j));
                    least = Math.min(least, after);
                    if (after < ratios[i][j] - 1e-9) {
                        weaker.add(new Weaker(i, j, ratios[i][j], after));
                    }
                }
            }
        }
        weaker.sort(Comparator.comparingDouble(Weaker::after));
        return new Deal(
                mapping(colors),
                new DealCost(lightness, contrast, families, importance, feeling),
                least == Double.MAX_VALUE ? Optional.empty() : Optional.of(least),
                weaker);
    }

    private Map<Rgb, Rgb> mapping(List<Rgb> colors) {
        Map<Rgb, Rgb> mapping = new LinkedHashMap<>();
        IntStream.range(0, colors.size())
                .boxed()
                .filter(i -> !graphic.areas().get(i).still())
                .sorted(Comparator.comparingDouble(i -> -graphic.areas().get(i).share()))
                .forEach(i -> graphic.areas().get(i).colors().forEach(from -> mapping.put(from, colors.get(i))));
        return mapping;
    }
}
