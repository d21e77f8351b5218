package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * One server after the other on one folder, each killed with signal 9 while changes and manuals come in, and what the next
 * finds there compared with what was answered.
 */
final class KillLane {
    static final int PAGES = 5;

    /** The longest that changes go on before the kill: a manual is drawn by a process that has to start first; milliseconds. */
    private static final int LONGEST = 3_500;
    /** A brand is worked on for so many kills; what one looks through grows with each. */
    private static final int KILLS_OF_A_BRAND = 40;

    private static final String BOUNDARY = "between-the-parts";
    private static final Pattern REVISION = Pattern.compile("\"revision\":(\\d+)");
    private static final Pattern NAME = Pattern.compile("\"name\":\"Name (\\d+)\",");
    private static final Pattern ID = Pattern.compile("\"id\":\"([^\"]+)\"");

    /**
     * A brand that is left alone from now on.
     *
     * @param brand its path
     */
    private record Finished(String brand, long revision, long manuals) {}

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final Path data;
    private final Random random;
    private final int kills;
    private final List<Finished> finished = new ArrayList<>();
    private String brand = "";
    private volatile long answered;
    private volatile long takenIn;

    KillLane(Path data, long seed, int kills) {
        this.data = data;
        this.random = new Random(seed);
        this.kills = kills;
    }

    long changes() {
        return finished.stream().mapToLong(Finished::revision).sum();
    }

    long manuals() {
        return finished.stream().mapToLong(Finished::manuals).sum();
    }

    void go() {
        try {
            for (int kill = 0; kill < kills; kill++) {
                // Killed it is closed already; where something is found missing it must not run on.
                try (RunningServer server = RunningServer.start(data, 0)) {
                    if (kill > 0) {
                        assertNothingLost(server);
                    }
                    if (kill % KILLS_OF_A_BRAND == 0) {
                        begin(server);
                    }
                    changeUntilKilled(server);
                }
            }
            try (RunningServer server = RunningServer.start(data, 0)) {
                assertNothingLost(server);
                finish();
                for (Finished left : finished) {
                    assertAsItWasLeft(server, left);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void begin(RunningServer server) throws IOException, InterruptedException {
        finish();
        String created =
                send(server, "POST", "/api/brands", "{\"name\":\"Name 1\"}").body();
        Matcher id = ID.matcher(created);
        assertThat(id.find()).isTrue();
        brand = "/api/brands/" + id.group(1);
        answered = 1;
        takenIn = 0;
    }

    private void finish() {
        if (!brand.isEmpty()) {
            finished.add(new Finished(brand, answered, takenIn));
        }
    }

    private void assertAsItWasLeft(RunningServer server, Finished left) throws IOException, InterruptedException {
        assertThat(number(REVISION, send(server, "GET", left.brand(), "").body()))
                .as("the revision of a brand that nobody has touched since")
                .isEqualTo(left.revision());
        assertThat(pages(server, left.brand())).isEqualTo(left.manuals() * PAGES);
    }

    private void changeUntilKilled(RunningServer server) throws InterruptedException {
        Thread changes = new Thread(() -> {
            try {
                while (!Thread.currentThread().isInterrupted()) {
                    long next = answered + 1;
                    HttpResponse<String> answer =
                            send(server, "PUT", brand + "/name", "{\"name\":\"Name " + next + "\"}");
                    if (answer.statusCode() == 200) {
                        answered = next;
                    }
                }
            } catch (IOException e) {
                // The server is dead; what it did not answer may or may not be there.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        Thread uploads = new Thread(() -> {
            try {
                byte[] manual = Manuals.ofPages(PAGES);
                while (!Thread.currentThread().isInterrupted()) {
                    if (upload(server, manual) == 201) {
                        takenIn++;
                    }
                }
            } catch (IOException e) {
                // As above.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        changes.start();
        uploads.start();
        Thread.sleep(random.nextInt(LONGEST));
        server.kill();
        changes.join();
        uploads.join();
    }

    private int upload(RunningServer server, byte[] manual) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + brand + "/sources"))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString("--" + BOUNDARY
                                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"manual.pdf\"\r\n\r\n"),
                        BodyPublishers.ofByteArray(manual),
                        BodyPublishers.ofString("\r\n--" + BOUNDARY + "--\r\n")))
                .build();
        return client.send(request, BodyHandlers.ofString()).statusCode();
    }

    private long pages(RunningServer server, String brand) throws IOException, InterruptedException {
        return send(server, "GET", brand + "/sources", "").body().split("\"addedAt\"", -1).length - 1;
    }

    private void assertManualsWhole(RunningServer server) throws IOException, InterruptedException {
        long pages = pages(server, brand);
        assertThat(pages % PAGES).as("pages of a manual that is half there").isZero();
        assertThat(pages / PAGES).as("manuals").isBetween(takenIn, takenIn + 1);
        takenIn = pages / PAGES;
        try (Stream<Path> files = Files.walk(data)) {
            assertThat(files.filter(file -> file.toString().endsWith(".tmp")))
                    .as("what was on its way when the server died")
                    .isEmpty();
        }
    }

    private void assertNothingLost(RunningServer server) throws IOException, InterruptedException {
        String whole = send(server, "GET", brand, "").body();
        long revision = number(REVISION, whole);
        long name = number(NAME, whole);
        assertThat(name).as("what is answered is of one revision").isEqualTo(revision);
        // One change may have been stored without its answer having come through.
        assertThat(revision).isBetween(answered, answered + 1);
        answered = revision;
        assertManualsWhole(server);

        assertThat(steps(server, revision)).as("steps on the trail").isEqualTo(revision);
        HttpResponse<String> snapshot = send(server, "GET", brand + "/trail/" + revision + "/specimen", "");
        assertThat(snapshot.statusCode()).as("the snapshot loads").isEqualTo(200);
    }

    /** @return how many steps there are on all pages of the trail */
    private long steps(RunningServer server, long cursor) throws IOException, InterruptedException {
        long steps = 0;
        for (String page = "?most=500"; !page.isEmpty(); ) {
            String trail = send(server, "GET", brand + "/trail" + page, "").body();
            assertThat(trail).contains("\"cursor\":" + cursor);
            steps += trail.split("\"madeAt\"", -1).length - 1;
            // Oldest first, so the first step of a page is what the page before it ends at.
            page = trail.contains("\"more\":true") ? "?most=500&before=" + number(REVISION, trail) : "";
        }
        return steps;
    }

    private static long number(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        assertThat(matcher.find()).as(text).isTrue();
        return Long.parseLong(matcher.group(1));
    }

    private HttpResponse<String> send(RunningServer server, String method, String path, String body)
            throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json")
                .header("If-Match", "*")
                .method(method, BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.ofString());
    }
}
