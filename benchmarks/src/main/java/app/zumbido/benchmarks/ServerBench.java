package app.zumbido.benchmarks;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");

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
            Server server = start(data);
            starts[i] = (System.nanoTime() - begin) / 1e9;
            server.process.destroy();
            server.process.waitFor();
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

    private record Server(Process process, String address) {}

    private Server start(Path data, String... options) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:SharedArchiveFile=" + run.resolve("zumbido.jsa"),
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-XX:+UseSerialGC",
                "-Djava.awt.headless=true",
                "-jar",
                run.resolve("zumbido.jar").toString(),
                "--server.port=0",
                "--zumbido.data=" + data));
        command.addAll(List.of(options));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        String ready = "Zumbido is ready at ";
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            if (line.startsWith(ready)) {
                drain(out);
                return new Server(process, line.substring(ready.length()));
            }
        }
        throw new IOException("The server did not start");
    }

    /** A pipe that nobody reads would stop the server once it is full. */
    private static void drain(BufferedReader out) {
        Thread thread = new Thread(() -> {
            try (out) {
                while (out.readLine() != null) {
                    // Read away.
                }
            } catch (IOException e) {
                // The server has ended, and its output with it.
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    /** One preview after the other on the demo brand, as a slider asks for them. */
    private Figure gesture() throws Exception {
        Server server = start(Files.createTempDirectory("zumbido-bench"), "--zumbido.demo=true");
        HttpClient client = HttpClient.newHttpClient();
        String shelf = send(client, "GET", server.address() + "/api/brands", "").body();
        Matcher brandId = ID.matcher(shelf);
        String brand = server.address() + "/api/brands/" + (brandId.find() ? brandId.group(1) : "");
        Matcher ids = ID.matcher(send(client, "GET", brand, "").body());
        String swatch = ids.find() && ids.find() ? ids.group(1) : "";
        double[] millis = new double[GESTURES];
        for (int i = -WARM_UP; i < GESTURES; i++) {
            long start = System.nanoTime();
            String body = "{\"lightness\":" + (i % 30) / 100.0 + "}";
            HttpResponse<String> answer = send(client, "POST", brand + "/swatches/" + swatch + "/mix/preview", body);
            if (answer.statusCode() != 200) {
                throw new IOException("A preview was refused: " + answer.body());
            }
            millis[Math.max(0, i)] = (System.nanoTime() - start) / 1e6;
        }
        server.process().destroy();
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
        Server server = start(Files.createTempDirectory("zumbido-bench"));
        HttpClient client = HttpClient.newHttpClient();
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
                    work(client, server.address(), end, reads, changes, errors);
                } catch (IOException | InterruptedException e) {
                    errors.incrementAndGet();
                }
            }));
        }
        people.forEach(Thread::start);
        for (Thread person : people) {
            person.join();
        }
        server.process().destroy();
        String how = PEOPLE + " people, " + SECONDS + " s, one request each " + THINKING
                + " ms; client and server on the same two cores";
        return List.of(
                new Figure("reading a brand", percentiles(reads), "no errors", errors.get() == 0, how),
                new Figure("changing a brand", percentiles(changes), "no errors", errors.get() == 0, how),
                new Figure("errors", String.valueOf(errors.get()), "none", errors.get() == 0, how));
    }

    private static void work(
            HttpClient client, String address, long end, List<Double> reads, List<Double> changes, AtomicInteger errors)
            throws IOException, InterruptedException {
        String created = send(client, "POST", address + "/api/brands", "{\"name\":\"Bench\"}")
                .body();
        Matcher id = ID.matcher(created);
        if (!id.find()) {
            throw new IOException("No brand was made: " + created);
        }
        String brand = address + "/api/brands/" + id.group(1);
        for (int i = 1; System.nanoTime() < end; i++) {
            boolean change = i % 3 == 0;
            long start = System.nanoTime();
            HttpResponse<String> answer = change
                    ? send(client, "PUT", brand + "/name", "{\"name\":\"Bench " + i + "\"}")
                    : send(client, "GET", brand, "");
            (change ? changes : reads).add((System.nanoTime() - start) / 1e6);
            if (answer.statusCode() != 200) {
                errors.incrementAndGet();
            }
            Thread.sleep(THINKING);
        }
    }

    private static HttpResponse<String> send(HttpClient client, String method, String address, String body)
            throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Content-Type", "application/json")
                .header("If-Match", "*")
                .method(method, BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.ofString());
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
