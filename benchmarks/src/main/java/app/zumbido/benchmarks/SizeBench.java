package app.zumbido.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TreeMap;

/** What grows with a brand, its trail and the shelf: time of a change and of a start, bytes of an answer. */
final class SizeBench {
    private static final int[] SWATCHES = {12, 50, 200};
    private static final int STEPS = 10_000;
    private static final int BRANDS = 2_000;
    private static final int WARM_UP = 500;
    private static final int RUNS = 50;
    /** The most that one request adds. */
    private static final int BATCH = 50;

    /** As the page asks for it: the first hundred and whether there are more. */
    private static final String SHELF = "/api/brands?from=0&most=101";

    private static final double GOAL_OF_CHANGE = 20;
    private static final double GOAL_OF_ANSWER = 100_000;
    private static final double GOAL_OF_LATER_START = 1.15;

    private final Path run;

    SizeBench(Path run) {
        this.run = run;
    }

    List<Figure> run() throws IOException, InterruptedException {
        List<Figure> figures = new ArrayList<>();
        Path data = Files.createTempDirectory("zumbido-bench");
        Server server = Server.start(run, data);
        for (int swatches : SWATCHES) {
            String brand = brand(server, swatches);
            String what = swatches + " swatches";
            figures.add(change(server, brand, "a change in a brand of " + what));
            figures.add(largest(server, brand, what));
        }
        String old = brand(server, SWATCHES[0]);
        String swatch = server.firstSwatch(old);
        for (int step = 0; step < STEPS; step++) {
            server.answer("PUT", swatch + "/mix", mix(step));
        }
        figures.add(change(server, old, String.format(Locale.ROOT, "a change after %,d steps", STEPS)));
        figures.add(size(server, old + "/trail", String.format(Locale.ROOT, "the trail after %,d steps", STEPS)));
        for (int i = 0; i < BRANDS; i++) {
            server.brand("Brand " + i);
        }
        String shelf = String.format(Locale.ROOT, "the shelf of %,d brands", BRANDS);
        figures.add(size(server, SHELF, shelf));
        double search = median(i -> server.answer("GET", SHELF + "&search=brand+" + i, ""));
        figures.add(new Figure(
                shelf + ", searched",
                String.format(Locale.ROOT, "%.1f ms", search),
                "under 20 ms",
                search < GOAL_OF_CHANGE,
                "request to answer, median of " + RUNS + " after " + WARM_UP));
        server.stop();
        figures.add(laterStart(data));
        return figures;
    }

    private static String brand(Server server, int swatches) throws IOException, InterruptedException {
        String brand = server.brand("Of " + swatches);
        Random random = new Random(swatches);
        for (int first = 0; first < swatches; first += BATCH) {
            List<String> batch = new ArrayList<>();
            for (int i = first; i < Math.min(first + BATCH, swatches); i++) {
                batch.add(String.format("{\"name\":\"Swatch %d\",\"hex\":\"%06x\"}", i, random.nextInt(1 << 24)));
            }
            server.answer("POST", brand + "/swatches/batch", "{\"swatches\":[" + String.join(",", batch) + "]}");
        }
        server.answer("POST", brand + "/roles/draft", "");
        server.answer("POST", brand + "/theme/suggestion?apply=true", "");
        return brand;
    }

    /** Up and down in turn, so that the colour stays within the screen. */
    private static String mix(int step) {
        return "{\"lightness\":" + (step % 2 == 0 ? "0.02" : "-0.02") + ",\"chroma\":0,\"hue\":0}";
    }

    private static Figure change(Server server, String brand, String what) throws IOException, InterruptedException {
        String swatch = server.firstSwatch(brand);
        double millis = median(i -> server.answer("PUT", swatch + "/mix", mix(i)));
        return new Figure(
                what,
                String.format(Locale.ROOT, "%.1f ms", millis),
                "under 20 ms",
                millis < GOAL_OF_CHANGE,
                "mixing one with roles and theme set, request to answer, median of " + RUNS + " after " + WARM_UP);
    }

    /** What the page asks while one works; every pair of a palette ({@code /pairs}) grows by its square and is not one. */
    private static Figure largest(Server server, String brand, String what) throws IOException, InterruptedException {
        TreeMap<Integer, String> sizes = new TreeMap<>();
        String swatch = server.firstSwatch(brand);
        for (String part : List.of("", "/contrast", "/contrast/clashes", "/palette/gaps", "/trail", "/palette/codes")) {
            sizes.put(server.answer("GET", brand + part, "").length(), "GET .../{id}" + part);
        }
        sizes.put(server.answer("POST", swatch + "/mix/preview", mix(0)).length(), "the preview of a mix");
        int most = sizes.lastKey();
        return new Figure(
                "the largest answer of a brand of " + what,
                String.format(Locale.ROOT, "%.0f kB", most / 1000.0),
                "under 100 kB",
                most < GOAL_OF_ANSWER,
                sizes.get(most) + ", the largest of " + sizes.size() + " that the page asks, before compression");
    }

    private static Figure size(Server server, String path, String what) throws IOException, InterruptedException {
        int bytes = server.answer("GET", path, "").length();
        return new Figure(
                what,
                String.format(Locale.ROOT, "%.0f kB", bytes / 1000.0),
                "under 100 kB",
                bytes < GOAL_OF_ANSWER,
                "the first page of it, before compression");
    }

    private Figure laterStart(Path full) throws IOException, InterruptedException {
        double empty = start(Files.createTempDirectory("zumbido-bench"));
        double later = start(full);
        return new Figure(
                "start over a start with nothing kept",
                String.format(Locale.ROOT, "%.2f (%.1f s over %.1f s)", later / empty, later, empty),
                "at most 1.15",
                later / empty <= GOAL_OF_LATER_START,
                String.format(
                        Locale.ROOT,
                        "the folder with %,d brands and a trail of %,d steps; best of 5 each",
                        BRANDS,
                        STEPS));
    }

    private double start(Path data) throws IOException, InterruptedException {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < 5; i++) {
            long begin = System.nanoTime();
            Server server = Server.start(run, data);
            least = Math.min(least, (System.nanoTime() - begin) / 1e9);
            server.stop();
        }
        return least;
    }

    @FunctionalInterface
    private interface Asked {
        void ask(int turn) throws IOException, InterruptedException;
    }

    private static double median(Asked asked) throws IOException, InterruptedException {
        double[] millis = new double[RUNS];
        for (int i = -WARM_UP; i < RUNS; i++) {
            long begin = System.nanoTime();
            asked.ask(Math.abs(i));
            millis[Math.max(0, i)] = (System.nanoTime() - begin) / 1e6;
        }
        Arrays.sort(millis);
        return millis[RUNS / 2];
    }
}
