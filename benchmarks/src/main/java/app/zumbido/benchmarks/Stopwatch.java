package app.zumbido.benchmarks;

import java.util.Arrays;

/** Times warm code: a few runs that do not count, then the median of seven. */
final class Stopwatch {
    private static final int WARM_UP = 3;
    private static final int RUNS = 7;

    private Stopwatch() {}

    /** @return median of seven runs after three, in milliseconds */
    static double median(Runnable work) {
        for (int i = 0; i < WARM_UP; i++) {
            work.run();
        }
        double[] millis = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            work.run();
            millis[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(millis);
        return millis[RUNS / 2];
    }
}
