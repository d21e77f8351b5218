package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills the server with signal 9 at random moments while changes and manuals come in. Everything that was answered must be
 * there afterwards, and what is there must be whole: rows, trail and snapshot of one revision, all pages of a manual or none.
 */
class NeverLostJourney {
    /** As often as asked: {@code -Dkills=500}. */
    private static final int KILLS = Integer.getInteger("kills", 5);
    /** The longest that changes go on before the kill: a manual is drawn by a process that has to start first; milliseconds. */
    private static final int LONGEST = 2_500;

    /** A brand is worked on for so many kills; what one looks through grows with each. */
    private static final int KILLS_OF_A_BRAND = 40;

    private static final int PAGES = 5;
    /** For the report of a campaign. */
    private static final Path FOUND = Path.of("target", "kills.txt");

    private static final String BOUNDARY = "between-the-parts";

    private static final Pattern REVISION = Pattern.compile("\"revision\":(\\d+)");
    private static final Pattern NAME = Pattern.compile("\"name\":\"Name (\\d+)\",");

    /** The seed is part of the test, so that a failure can be seen again. */
    private final Random random = new Random(20261125);

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    @TempDir
    private Path folder;

    private final List<Finished> finished = new ArrayList<>();
    private String brand = "";
    private volatile long answered;
    private volatile long takenIn;

    /**
     * A brand that is left alone from now on.
     *
     * @param brand its path
     */
    private record Finished(String brand, long revision, long manuals) {}

    @Test
    void everyAnsweredChangeSurvivesAKill() throws Exception {
        for (int kill = 0; kill < KILLS; kill++) {
            // Killed it is closed already; where something is found missing it must not run on.
            try (RunningServer server = RunningServer.start(folder.resolve("data"), 0)) {
                if (kill > 0) {
                    assertNothingLost(server);
                }
                if (kill % KILLS_OF_A_BRAND == 0) {
                    begin(server);
                }
                changeUntilKilled(server);
            }
        }
        try (RunningServer server = RunningServer.start(folder.resolve("data"), 0)) {
            assertNothingLost(server);
            finish();
            for (Finished left : finished) {
                assertAsItWasLeft(server, left);
            }
        }
        long changes = finished.stream().mapToLong(Finished::revision).sum();
        long manuals = finished.stream().mapToLong(Finished::manuals).sum();
        assertThat(changes).as("changes between the kills").isGreaterThan(KILLS);
        Files.writeString(
                FOUND,
                "%d changes and %d manuals of %d pages; none is lost, none is half".formatted(changes, manuals, PAGES));
    }

    private void begin(RunningServer server) throws Exception {
        finish();
        String created =
                send(server, "POST", "/api/brands", "{\"name\":\"Name 1\"}").body();
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(created);
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

    private void assertAsItWasLeft(RunningServer server, Finished left) throws Exception {
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

    private long pages(RunningServer server, String brand) throws Exception {
        return send(server, "GET", brand + "/sources", "").body().split("\"addedAt\"", -1).length - 1;
    }

    private void assertManualsWhole(RunningServer server) throws Exception {
        long pages = pages(server, brand);
        assertThat(pages % PAGES).as("pages of a manual that is half there").isZero();
        assertThat(pages / PAGES).as("manuals").isBetween(takenIn, takenIn + 1);
        takenIn = pages / PAGES;
        try (Stream<Path> files = Files.walk(folder.resolve("data"))) {
            assertThat(files.filter(file -> file.toString().endsWith(".tmp")))
                    .as("what was on its way when the server died")
                    .isEmpty();
        }
    }

    private void assertNothingLost(RunningServer server) throws Exception {
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
    private long steps(RunningServer server, long cursor) throws Exception {
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
