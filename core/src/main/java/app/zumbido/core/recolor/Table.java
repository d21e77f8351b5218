package app.zumbido.core.recolor;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Everything that can be dealt: families of areas down, choices of colours across, and what each and each two of them cost. */
final class Table {
    /** So many choices are weighed for a family where steps of ladders are dealt: those that suit it best by itself. */
    private static final int MOST_CHOICES = 24;

    private final List<List<Integer>> families;
    private final List<List<Choice>> choices = new ArrayList<>();
    private final boolean distinct;
    private final double[][] alone;
    private final double[][][][] together;

    /**
     * What a family may get.
     *
     * @param key two families do not get the same if there is enough for all
     * @param colors by area
     */
    record Choice(Object key, Map<Integer, Rgb> colors) {}

    /**
     * @param families that are dealt
     * @param enough whether there is a colour for each family of the graphic
     * @param kept by area what somebody has decided
     */
    Table(
            Graphic graphic,
            List<List<Integer>> families,
            Stock stock,
            boolean enough,
            Map<Integer, Rgb> kept,
            Weighing weighing) {
        this.families = decidedFirst(families, graphic, kept);
        for (List<Integer> family : this.families) {
            Shades shades = new Shades(graphic.areas(), family);
            choices.add(
                    graphic.areas().get(family.get(0)).still()
                            ? List.of(still(graphic, family.get(0)))
                            : kept.keySet().stream().anyMatch(family::contains)
                                    ? List.of(decided(shades, stock, family, kept))
                                    : free(shades, stock, enough || !stock.steps(), weighing));
        }
        long keys = choices.stream()
                .flatMap(List::stream)
                .map(Choice::key)
                .distinct()
                .count();
        this.distinct = this.families.size() <= keys;
        int count = this.families.size();
        this.alone = new double[count][];
        this.together = new double[count][count][][];
        for (int f = 0; f < count; f++) {
            alone[f] = new double[choices.get(f).size()];
            for (int c = 0; c < alone[f].length; c++) {
                alone[f][c] = inside(choices.get(f).get(c).colors(), weighing);
            }
            for (int g = 0; g < f; g++) {
                together[f][g] = between(choices.get(f), choices.get(g), weighing);
            }
        }
    }

    /** What is decided already leaves less for the others, so it comes first; then what has most of the graphic. */
    private static List<List<Integer>> decidedFirst(List<List<Integer>> all, Graphic graphic, Map<Integer, Rgb> kept) {
        Stream<List<Integer>> first = all.stream().filter(family -> isDecided(family, graphic, kept));
        return Stream.concat(first, all.stream().filter(family -> !isDecided(family, graphic, kept)))
                .toList();
    }

    private static boolean isDecided(List<Integer> family, Graphic graphic, Map<Integer, Rgb> kept) {
        return graphic.areas().get(family.get(0)).still() || family.stream().anyMatch(kept::containsKey);
    }

    private static Choice still(Graphic graphic, int area) {
        Rgb own = graphic.areas().get(area).color();
        return new Choice("still " + area, Map.of(area, own));
    }

    private static Choice decided(Shades shades, Stock stock, List<Integer> family, Map<Integer, Rgb> kept) {
        int measure = family.stream().filter(kept::containsKey).findFirst().orElseThrow();
        Rgb anchor = kept.get(measure);
        return new Choice(anchor, shades.on(stock.row(anchor), anchor, measure, kept));
    }

    /** @param whole whether each takes a colour as it is; else there are too few and their steps are dealt as well */
    private static List<Choice> free(Shades shades, Stock stock, boolean whole, Weighing weighing) {
        Map<Rgb, Choice> free = new LinkedHashMap<>();
        for (Rgb base : stock.colors()) {
            free.put(base, new Choice(base, shades.on(stock.row(base), base)));
        }
        if (!whole) {
            for (Rgb base : stock.colors()) {
                List<Rgb> row = stock.row(base);
                row.forEach(step -> free.putIfAbsent(step, new Choice(step, shades.on(row, step))));
            }
        }
        return free.values().stream()
                .sorted(Comparator.comparingDouble(choice -> inside(choice.colors(), weighing)))
                .limit(Math.max(MOST_CHOICES, stock.offered().size()))
                .toList();
    }

    private static double inside(Map<Integer, Rgb> colors, Weighing weighing) {
        double cost = 0;
        for (Map.Entry<Integer, Rgb> one : colors.entrySet()) {
            cost += weighing.alone(one.getKey(), one.getValue());
            for (Map.Entry<Integer, Rgb> other : colors.entrySet()) {
                if (other.getKey() > one.getKey()) {
                    cost += weighing.together(one.getKey(), other.getKey(), one.getValue(), other.getValue());
                }
            }
        }
        return cost;
    }

    private static double[][] between(List<Choice> ones, List<Choice> others, Weighing weighing) {
        double[][] cost = new double[ones.size()][others.size()];
        for (int c = 0; c < cost.length; c++) {
            for (int d = 0; d < cost[c].length; d++) {
                for (Map.Entry<Integer, Rgb> one : ones.get(c).colors().entrySet()) {
                    for (Map.Entry<Integer, Rgb> other : others.get(d).colors().entrySet()) {
                        cost[c][d] += weighing.together(one.getKey(), other.getKey(), one.getValue(), other.getValue());
                    }
                }
            }
        }
        return cost;
    }

    int families() {
        return families.size();
    }

    List<Integer> family(int index) {
        return families.get(index);
    }

    int choices(int family) {
        return choices.get(family).size();
    }

    Choice choice(int family, int index) {
        return choices.get(family).get(index);
    }

    /** Whether no two families need the same. */
    boolean distinct() {
        return distinct;
    }

    double alone(int family, int choice) {
        return alone[family][choice];
    }

    double together(int family, int choice, int other, int choiceOfOther) {
        return family > other
                ? together[family][other][choice][choiceOfOther]
                : together[other][family][choiceOfOther][choice];
    }

    /** @param chosen by family */
    double cost(int[] chosen) {
        double cost = 0;
        for (int f = 0; f < chosen.length; f++) {
            cost += alone(f, chosen[f]);
            for (int g = 0; g < f; g++) {
                cost += together(f, chosen[f], g, chosen[g]);
            }
        }
        return cost;
    }

    /** @param chosen by family @return by area */
    Map<Integer, Rgb> colors(int[] chosen) {
        Map<Integer, Rgb> colors = new HashMap<>();
        for (int f = 0; f < chosen.length; f++) {
            colors.putAll(choice(f, chosen[f]).colors());
        }
        return colors;
    }
}
