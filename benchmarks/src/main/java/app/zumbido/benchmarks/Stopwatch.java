package app.zumbido.benchmarks;

import java.util.Arrays;
import java.util.List;

/** Times warm code: a few runs that do not count, then the median of seven. */
final class Stopwatch {
    private static final int WARM_UP = 3;
    private static final int RUNS = 7;

    private Stopwatch() {}

    /** @return median of seven runs after three, in milliseconds */
    static double median(Runnable work) {
        return medians(WARM_UP, List.of(work))[0];
    }

    /**
     * Times works that are compared with each other in turn, so that whatever else the machine does meets all of them.
     *
     * @param warmUp runs that do not count; code of many classes takes longer to be compiled than code of a few
     */
    static double[] medians(int warmUp, List<Runnable> works) {
        double[][] millis = new double[works.size()][RUNS];
        for (int i = -warmUp; i < RUNS; i++) {
            for (int work = 0; work < millis.length; work++) {
                long start = System.nanoTime();
                works.get(work).run();
                if (i >= 0) {
                    millis[work][i] = (System.nanoTime() - start) / 1e6;
                }
            }
        }
        return Arrays.stream(millis)
                .mapToDouble(runs -> Arrays.stream(runs).sorted().toArray()[RUNS / 2])
                .toArray();
    }
}
