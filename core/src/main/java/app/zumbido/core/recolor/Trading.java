package app.zumbido.core.recolor;

import java.util.Arrays;
import java.util.Optional;

/**
 * A good arrangement in little time: each family gets what suits it, then two trade, or one takes what nobody has, as long as
 * it gets better.
 */
final class Trading {
    /** What an arrangement that does not differ enough costs more than any other, for each share that is missing. */
    private static final double NOT_DIFFERENT = 1_000;

    private static final double BETTER = 1e-9;

    private final Table table;
    private final int[][] keys;
    private final int keyCount;
    private final double[][][] changed;
    private final double different;
    private final int count;

    /** @param changed by what was shown, family and choice how much of the graphic would differ */
    Trading(Table table, int[][] keys, int keyCount, double[][][] changed, double different) {
        this.table = table;
        this.keys = keys;
        this.keyCount = keyCount;
        this.changed = changed;
        this.different = different;
        this.count = table.families();
    }

    /** @return nothing if trading found none that differs enough */
    Optional<int[]> good() {
        int[] chosen = dealt();
        double cost = cost(chosen);
        boolean better = true;
        while (better) {
            better = false;
            for (int f = 0; f < count; f++) {
                double before = cost;
                cost = Math.min(taking(f, chosen, cost), cost);
                cost = Math.min(trading(f, chosen, cost), cost);
                better |= cost < before - BETTER;
            }
        }
        return cost < NOT_DIFFERENT * BETTER || missing(chosen) <= BETTER ? Optional.of(chosen) : Optional.empty();
    }

    /** Each in turn takes the cheapest that is left. */
    private int[] dealt() {
        int[] chosen = new int[count];
        boolean[] used = new boolean[keyCount];
        for (int f = 0; f < count; f++) {
            double least = Double.MAX_VALUE;
            for (int c = 0; c < keys[f].length; c++) {
                double cost = table.alone(f, c);
                for (int g = 0; g < f; g++) {
                    cost += table.together(f, c, g, chosen[g]);
                }
                if (cost < least && (isFree(f, c, used) || least == Double.MAX_VALUE)) {
                    least = isFree(f, c, used) ? cost : Double.MAX_VALUE;
                    chosen[f] = c;
                }
            }
            used[keys[f][chosen[f]]] = true;
        }
        return chosen;
    }

    private boolean isFree(int family, int choice, boolean[] used) {
        return !table.distinct() || keys[family].length == 1 || !used[keys[family][choice]];
    }

    private double cost(int[] chosen) {
        return table.cost(chosen) + NOT_DIFFERENT * missing(chosen);
    }

    /** How much less than it should an arrangement differs from what was shown. */
    private double missing(int[] chosen) {
        double missing = 0;
        for (double[][] shown : changed) {
            double differs = 0;
            for (int f = 0; f < count; f++) {
                differs += shown[f][chosen[f]];
            }
            missing += Math.max(0, different - differs);
        }
        return missing;
    }

    private double taking(int family, int[] chosen, double before) {
        double least = before;
        int had = chosen[family];
        int best = had;
        for (int c = 0; c < keys[family].length; c++) {
            int choice = c;
            boolean taken = table.distinct()
                    && Arrays.stream(others(family, chosen)).anyMatch(key -> key == keys[family][choice]);
            if (c != had && !taken) {
                chosen[family] = c;
                double cost = cost(chosen);
                if (cost < least - BETTER) {
                    least = cost;
                    best = c;
                }
            }
        }
        chosen[family] = best;
        return least;
    }

    private int[] others(int family, int[] chosen) {
        int[] others = new int[count - 1];
        for (int g = 0, at = 0; g < count; g++) {
            if (g != family) {
                others[at++] = keys[g][chosen[g]];
            }
        }
        return others;
    }

    private double trading(int family, int[] chosen, double before) {
        double least = before;
        for (int g = 0; g < family; g++) {
            int one = indexOf(keys[family], keys[g][chosen[g]]);
            int other = indexOf(keys[g], keys[family][chosen[family]]);
            if (one < 0 || other < 0) {
                continue;
            }
            int hadOne = chosen[family];
            int hadOther = chosen[g];
            chosen[family] = one;
            chosen[g] = other;
            double cost = cost(chosen);
            if (cost < least - BETTER) {
                least = cost;
            } else {
                chosen[family] = hadOne;
                chosen[g] = hadOther;
            }
        }
        return least;
    }

    private static int indexOf(int[] keys, int wanted) {
        for (int i = 0; i < keys.length; i++) {
            if (keys[i] == wanted) {
                return i;
            }
        }
        return -1;
    }
}
