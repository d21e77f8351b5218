package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Kills the server with signal 9 at random moments while changes come in. Every change that was answered must be there
 * afterwards, and what is there must be a whole brand: rows, trail and snapshot of one revision.
 */
class NeverLostJourney {
    /** As often as asked: {@code -Dkills=500}. */
    private static final int KILLS = Integer.getInteger("kills", 20);
    /** The longest that changes go on before the kill; milliseconds. */
    private static final int LONGEST = 400;

    private static final Pattern REVISION = Pattern.compile("\"revision\":(\\d+)");
    private static final Pattern NAME = Pattern.compile("\"name\":\"Name (\\d+)\",");

    /** The seed is part of the test, so that a failure can be seen again. */
    private final Random random = new Random(20261125);

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    @TempDir
    private Path folder;

    private String brand = "";
    private volatile long answered;

    @Test
    void everyAnsweredChangeSurvivesAKill() throws Exception {
        List<Integer> changesBetweenKills = new ArrayList<>();
        for (int kill = 0; kill < KILLS; kill++) {
            // Killed it is closed already; where something is found missing it must not run on.
            try (RunningServer server = RunningServer.start(folder.resolve("data"), 0)) {
                if (kill == 0) {
                    begin(server);
                } else {
                    assertNothingLost(server);
                }
                changesBetweenKills.add(changeUntilKilled(server));
            }
        }
        try (RunningServer server = RunningServer.start(folder.resolve("data"), 0)) {
            assertNothingLost(server);
        }
        assertThat(changesBetweenKills.stream().mapToInt(Integer::intValue).sum())
                .as("changes that were answered between the kills")
                .isGreaterThan(KILLS);
    }

    private void begin(RunningServer server) throws Exception {
        String created =
                send(server, "POST", "/api/brands", "{\"name\":\"Name 1\"}").body();
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(created);
        assertThat(id.find()).isTrue();
        brand = "/api/brands/" + id.group(1);
        answered = 1;
    }

    private int changeUntilKilled(RunningServer server) throws InterruptedException {
        long before = answered;
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
        changes.start();
        Thread.sleep(random.nextInt(LONGEST));
        server.kill();
        changes.join();
        return (int) (answered - before);
    }

    private void assertNothingLost(RunningServer server) throws Exception {
        String whole = send(server, "GET", brand, "").body();
        long revision = number(REVISION, whole);
        long name = number(NAME, whole);
        assertThat(name).as("what is answered is of one revision").isEqualTo(revision);
        // One change may have been stored without its answer having come through.
        assertThat(revision).isBetween(answered, answered + 1);
        answered = revision;

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
