package app.zumbido.core.recolor;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Finds the cheapest choice for each family: a good one by trading, then a better one by branch and bound, where what is left
 * out cannot be cheaper than what was found. For a few families the answer is exact; for many the search ends after some steps
 * with the best that it has. What must differ from what has been shown prunes in the same way.
 */
final class Search {
    /** So many families are searched to the end. */
    private static final int FEW = 6;

    private static final int STEPS_OF_FEW = 2_000_000;
    /** Of more families; some tens of milliseconds. */
    private static final int STEPS_OF_MANY = 12_000;

    private static final double EPSILON = 1e-12;

    private final Graphic graphic;
    private final Table table;
    private final int count;
    private final int[][] keys;
    private final int keyCount;
    private final List<Map<Integer, Rgb>> shown;
    private final double different;
    private final double[][][] changed;
    private final double[][] changeable;
    /** What a choice costs with families behind it at least, whatever they get. */
    private final double[][] ahead;

    private final int mostSteps;
    private double least = Double.MAX_VALUE;
    private int[] best = new int[0];
    private int steps;

    /**
     * @param shown what each area had in deals that were shown
     * @param different how much of the graphic must have another colour than in each of them; a share
     */
    Search(Graphic graphic, Table table, List<Map<Integer, Rgb>> shown, double different) {
        this.graphic = graphic;
        this.table = table;
        this.count = table.families();
        this.shown = shown;
        this.different = different;
        Map<Object, Integer> numbers = new HashMap<>();
        this.keys = new int[count][];
        for (int f = 0; f < count; f++) {
            int family = f;
            keys[f] = IntStream.range(0, table.choices(f))
                    .map(c -> numbers.computeIfAbsent(table.choice(family, c).key(), key -> numbers.size()))
                    .toArray();
        }
        this.keyCount = numbers.size();
        this.ahead = lookAhead();
        long free = IntStream.range(0, count).filter(f -> table.choices(f) > 1).count();
        this.mostSteps = free <= FEW ? STEPS_OF_FEW : STEPS_OF_MANY;
        this.changed = new double[shown.size()][count][];
        this.changeable = new double[shown.size()][count + 1];
        for (int s = 0; s < shown.size(); s++) {
            for (int f = count - 1; f >= 0; f--) {
                changed[s][f] = changes(f, shown.get(s));
                changeable[s][f] = changeable[s][f + 1]
                        + Arrays.stream(changed[s][f]).max().orElse(0);
            }
        }
    }

    private double[][] lookAhead() {
        double[][] costs = new double[count][];
        for (int f = 0; f < count; f++) {
            costs[f] = new double[table.choices(f)];
            for (int c = 0; c < costs[f].length; c++) {
                for (int g = f + 1; g < count; g++) {
                    double cheapest = Double.MAX_VALUE;
                    for (int d = 0; d < table.choices(g) && cheapest > 0; d++) {
                        cheapest = Math.min(cheapest, table.together(g, d, f, c));
                    }
                    costs[f][c] += cheapest;
                }
            }
        }
        return costs;
    }

    private double[] changes(int family, Map<Integer, Rgb> before) {
        double[] changes = new double[table.choices(family)];
        for (int c = 0; c < changes.length; c++) {
            for (Map.Entry<Integer, Rgb> one : table.choice(family, c).colors().entrySet()) {
                Rgb was = before.get(one.getKey());
                if (Difference.between(was, one.getValue()) >= Difference.TOLD_APART) {
                    changes[c] += graphic.areas().get(one.getKey()).share();
                }
            }
        }
        return changes;
    }

    /** @return a choice for each family; nothing if none differs enough */
    Optional<int[]> best() {
        double[][] scores = new double[count][];
        for (int f = 0; f < count; f++) {
            scores[f] = new double[table.choices(f)];
            for (int c = 0; c < scores[f].length; c++) {
                scores[f][c] = table.alone(f, c) + ahead[f][c];
            }
        }
        new Trading(table, keys, keyCount, changed, different).good().ifPresent(good -> {
            best = good;
            least = table.cost(good);
        });
        go(0, 0, scores, new boolean[keyCount], new int[count], new double[shown.size()]);
        return best.length == 0 && count > 0 ? Optional.empty() : Optional.of(best);
    }

    private void go(int family, double spent, double[][] scores, boolean[] used, int[] chosen, double[] differs) {
        if (++steps > mostSteps) {
            return;
        }
        if (family == count) {
            if (spent < least - EPSILON) {
                least = spent;
                best = chosen.clone();
            }
            return;
        }
        double rest = Bound.of(scores, keys, family + 1, used, table.distinct());
        Integer[] order = IntStream.range(0, scores[family].length).boxed().toArray(Integer[]::new);
        Arrays.sort(order, Comparator.comparingDouble(c -> scores[family][c]));
        for (int c : order) {
            if (spent + scores[family][c] + rest >= least - EPSILON) {
                return;
            }
            double now = spent + scores[family][c] - ahead[family][c];
            if (mayTake(family, c, used) && canDiffer(family, c, differs)) {
                take(family, c, now, scores, used, chosen, differs);
            }
        }
    }

    private boolean mayTake(int family, int choice, boolean[] used) {
        return !table.distinct() || table.choices(family) == 1 || !used[keys[family][choice]];
    }

    private boolean canDiffer(int family, int choice, double[] differs) {
        for (int s = 0; s < differs.length; s++) {
            if (differs[s] + changed[s][family][choice] + changeable[s][family + 1] < different - EPSILON) {
                return false;
            }
        }
        return true;
    }

    private void take(
            int family, int choice, double now, double[][] scores, boolean[] used, int[] chosen, double[] differs) {
        double[][] next = new double[count][];
        for (int g = family + 1; g < count; g++) {
            next[g] = scores[g].clone();
            for (int d = 0; d < next[g].length; d++) {
                next[g][d] += table.together(g, d, family, choice);
            }
        }
        double[] differsNow = differs.clone();
        for (int s = 0; s < differs.length; s++) {
            differsNow[s] += changed[s][family][choice];
        }
        int key = keys[family][choice];
        boolean before = used[key];
        used[key] = true;
        chosen[family] = choice;
        go(family + 1, now, next, used, chosen, differsNow);
        used[key] = before;
    }
}
