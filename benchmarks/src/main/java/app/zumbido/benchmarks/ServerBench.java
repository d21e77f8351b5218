package app.zumbido.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;

/** The packed server as a whole: how fast it starts, how large its page is, what fifty people feel. */
final class ServerBench {
    private static final double GOAL_OF_START = 5;
    private static final double GOAL_OF_PAGE = 200;
    private static final double GOAL_OF_GESTURE = 1000.0 / 60;
    private static final int GESTURES = 300;
    private static final int WARM_UP = 1500;
    private static final int PEOPLE = 50;
    private static final int SECONDS = 60;
    /** Time between what one person does; milliseconds. */
    private static final int THINKING = 400;

    private final Path run;
    private final Path dist;

    ServerBench(Path run, Path dist) {
        this.run = run;
        this.dist = dist;
    }

    List<Figure> run() throws Exception {
        List<Figure> figures = new ArrayList<>();
        figures.add(page());
        double[] starts = new double[5];
        for (int i = 0; i < starts.length; i++) {
            Path data = Files.createTempDirectory("zumbido-bench");
            long begin = System.nanoTime();
            Server server = Server.start(run, data);
            starts[i] = (System.nanoTime() - begin) / 1e9;
            server.stop();
        }
        Arrays.sort(starts);
        figures.add(new Figure(
                "start until the page is ready",
                String.format(Locale.ROOT, "%.1f s", starts[2]),
                "at most 5 s",
                starts[2] <= GOAL_OF_START,
                "process to ready line, empty data folder, archived classes; median of 5"));
        figures.add(gesture());
        figures.addAll(people());
        return figures;
    }

    private Figure page() throws IOException {
        double kilobytes = 0;
        try (Stream<Path> files = Files.walk(dist)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".js")).toList()) {
                kilobytes += gzipped(Files.readAllBytes(file)) / 1000.0;
            }
        }
        return new Figure(
                "scripts of the page, compressed",
                String.format(Locale.ROOT, "%.1f kB", kilobytes),
                "at most 200 kB",
                kilobytes <= GOAL_OF_PAGE,
                "all .js files, gzip");
    }

    private static int gzipped(byte[] content) throws IOException {
        var bytes = new ByteArrayOutputStream();
        try (OutputStream out = new GZIPOutputStream(bytes)) {
            out.write(content);
        }
        return bytes.size();
    }

    /** One preview after the other on the demo brand, as a slider asks for them. */
    private Figure gesture() throws Exception {
        Server server = Server.start(run, Files.createTempDirectory("zumbido-bench"), "--zumbido.demo=true");
        String brand = server.firstBrand();
        String swatch = server.firstSwatch(brand);
        double[] millis = new double[GESTURES];
        for (int i = -WARM_UP; i < GESTURES; i++) {
            long start = System.nanoTime();
            String body = "{\"lightness\":" + (i % 30) / 100.0 + "}";
            server.answer("POST", swatch + "/mix/preview", body);
            millis[Math.max(0, i)] = (System.nanoTime() - start) / 1e6;
        }
        server.stop();
        Arrays.sort(millis);
        double most = millis[(int) (GESTURES * 0.95)];
        return new Figure(
                "a preview while a gesture goes on",
                String.format(Locale.ROOT, "50 %% %.1f ms, 95 %% %.1f ms", millis[GESTURES / 2], most),
                "a frame at 60 a second, 16.7 ms",
                most <= GOAL_OF_GESTURE,
                "request to answer on the demo brand, " + GESTURES + " after " + WARM_UP
                        + "; without the painting of the browser");
    }

    /** Each has a brand of one's own; two of three requests read, the third changes. */
    private List<Figure> people() throws Exception {
        Server server = Server.start(run, Files.createTempDirectory("zumbido-bench"));
        List<Double> reads = Collections.synchronizedList(new ArrayList<>());
        List<Double> changes = Collections.synchronizedList(new ArrayList<>());
        AtomicInteger errors = new AtomicInteger();
        long end = System.nanoTime() + SECONDS * 1_000_000_000L;
        List<Thread> people = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            int offset = person * THINKING / PEOPLE;
            people.add(new Thread(() -> {
                try {
                    Thread.sleep(offset);
                    work(server, end, reads, changes, errors);
                } catch (IOException | InterruptedException e) {
                    errors.incrementAndGet();
                }
            }));
        }
        people.forEach(Thread::start);
        for (Thread person : people) {
            person.join();
        }
        server.stop();
        String how = PEOPLE + " people, " + SECONDS + " s, one request each " + THINKING
                + " ms; client and server on the same two cores";
        return List.of(
                new Figure("reading a brand", percentiles(reads), "no errors", errors.get() == 0, how),
                new Figure("changing a brand", percentiles(changes), "no errors", errors.get() == 0, how),
                new Figure("errors", String.valueOf(errors.get()), "none", errors.get() == 0, how));
    }

    private static void work(Server server, long end, List<Double> reads, List<Double> changes, AtomicInteger errors)
            throws IOException, InterruptedException {
        String brand = server.brand("Bench");
        for (int i = 1; System.nanoTime() < end; i++) {
            boolean change = i % 3 == 0;
            long start = System.nanoTime();
            HttpResponse<String> answer = change
                    ? server.send("PUT", brand + "/name", "{\"name\":\"Bench " + i + "\"}")
                    : server.send("GET", brand, "");
            (change ? changes : reads).add((System.nanoTime() - start) / 1e6);
            if (answer.statusCode() != 200) {
                errors.incrementAndGet();
            }
            Thread.sleep(THINKING);
        }
    }

    private static String percentiles(List<Double> millis) {
        double[] sorted =
                millis.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return String.format(
                Locale.ROOT,
                "50 %% %.0f ms, 95 %% %.0f ms, 99 %% %.0f ms (%d)",
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.95)],
                sorted[(int) (sorted.length * 0.99)],
                sorted.length);
    }
}
