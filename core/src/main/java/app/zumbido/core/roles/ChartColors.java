package app.zumbido.core.roles;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** How well the series of a chart are told apart, and the order in which they are told apart best. */
public record ChartColors(List<Rgb> series) {
    /** Up to so many the best order is found exactly; beyond, their order stays. */
    public static final int MOST = 14;

    public ChartColors {
        series = List.copyOf(series);
    }

    /**
     * The smallest differences that a viewer meets; ΔE00. Infinite where there are no two.
     *
     * @param neighbours of series that stand beside each other
     * @param all of any two
     */
    public record Least(double neighbours, double all) {
        public ToldApart toldApart() {
            if (all >= Difference.TOLD_APART) {
                return ToldApart.ALL;
            }
            return neighbours >= Difference.TOLD_APART ? ToldApart.NEIGHBOURS : ToldApart.NO;
        }
    }

    /** Which series a viewer can tell from each other. */
    public enum ToldApart {
        /** Any two, so that a legend is enough. */
        ALL,
        /** Those that stand beside each other; two that stand apart may be taken for each other. */
        NEIGHBOURS,
        NO
    }

    /** @return for each kind of viewer, and in grey */
    public Map<Vision, Least> least() {
        Map<Vision, Least> least = new EnumMap<>(Vision.class);
        for (Vision eyes : Vision.values()) {
            List<Lab> seen =
                    series.stream().map(color -> Lab.of(eyes.see(color))).toList();
            double neighbours = Double.POSITIVE_INFINITY;
            double all = Double.POSITIVE_INFINITY;
            for (int i = 0; i < seen.size(); i++) {
                for (int j = i + 1; j < seen.size(); j++) {
                    double difference = Difference.between(seen.get(i), seen.get(j));
                    all = Math.min(all, difference);
                    neighbours = j == i + 1 ? Math.min(neighbours, difference) : neighbours;
                }
            }
            least.put(eyes, new Least(neighbours, all));
        }
        return least;
    }

    /** @return for each series whether it can be made out on the ground */
    public List<Boolean> madeOutOn(Rgb ground) {
        return series.stream()
                .map(color -> ContrastRatio.between(color, ground).reaches(WcagLevel.GRAPHICS))
                .toList();
    }

    /**
     * The order that makes the smallest difference of neighbours, over every kind of viewer, as large as can be. The first
     * series stays the first; where no order is better than the present one, that is kept.
     *
     * @return places in the present order, 0 first
     */
    public List<Integer> bestOrder() {
        int count = series.size();
        List<Integer> present = IntStream.range(0, count).boxed().toList();
        if (count < 3 || count > MOST) {
            return present;
        }
        double[][] apart = differences();
        List<Integer> order = bestOrder(apart);
        return leastOf(order, apart) > leastOf(present, apart) ? order : present;
    }

    private static double leastOf(List<Integer> order, double[][] apart) {
        return IntStream.range(1, order.size())
                .mapToDouble(i -> apart[order.get(i - 1)][order.get(i)])
                .min()
                .orElseThrow();
    }

    private static List<Integer> bestOrder(double[][] apart) {
        int count = apart.length;
        // best[set][last]: the largest least difference of any way through the set that ends at last.
        double[][] best = new double[1 << count][count];
        int[][] before = new int[1 << count][count];
        for (double[] row : best) {
            Arrays.fill(row, -1);
        }
        best[1][0] = Double.POSITIVE_INFINITY;
        for (int set = 1; set < 1 << count; set += 2) {
            for (int last = 0; last < count; last++) {
                if (best[set][last] < 0) {
                    continue;
                }
                for (int next = 1; next < count; next++) {
                    int with = set | 1 << next;
                    double least = Math.min(best[set][last], apart[last][next]);
                    if (with != set && least > best[with][next]) {
                        best[with][next] = least;
                        before[with][next] = last;
                    }
                }
            }
        }
        return way(best, before, count);
    }

    private static List<Integer> way(double[][] best, int[][] before, int count) {
        int set = (1 << count) - 1;
        int last = count - 1;
        for (int end = count - 1; end > 0; end--) {
            if (best[set][end] > best[set][last]) {
                last = end;
            }
        }
        List<Integer> way = new ArrayList<>();
        while (way.size() < count) {
            way.add(0, last);
            int previous = before[set][last];
            set &= ~(1 << last);
            last = previous;
        }
        return way;
    }

    /** @return the smallest difference over every kind of viewer, for any two series */
    private double[][] differences() {
        double[][] apart = new double[series.size()][series.size()];
        for (double[] row : apart) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (Vision eyes : Vision.EYES) {
            List<Lab> seen =
                    series.stream().map(color -> Lab.of(eyes.see(color))).toList();
            for (int i = 0; i < seen.size(); i++) {
                for (int j = 0; j < seen.size(); j++) {
                    apart[i][j] = Math.min(apart[i][j], Difference.between(seen.get(i), seen.get(j)));
                }
            }
        }
        return apart;
    }
}
