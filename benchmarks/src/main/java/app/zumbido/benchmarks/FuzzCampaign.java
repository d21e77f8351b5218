package app.zumbido.benchmarks;

import app.zumbido.benchmarks.WholeFiles.Question;
import app.zumbido.benchmarks.WholeFiles.WholeFile;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Uploads that are damaged by chance, of every kind that is taken in, and the questions that follow each. Whatever comes in,
 * the answer says what it is: never that something went wrong here, and never later than what drawing may take.
 */
final class FuzzCampaign {
    private static final long SEED = 20261128;
    private static final int IN_A_BRAND = 50;
    /** What drawing may take by the clock, and a little more; seconds. */
    private static final double LONGEST = 30;

    private static final Pattern ID = Pattern.compile("^\\{\"id\":\"([^\"]+)\"");

    private final Wounds wounds = new Wounds(SEED);
    private final Server server;
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();
    private double slowest;
    private String brand = "";

    private FuzzCampaign(Server server) {
        this.server = server;
    }

    /** @return one line of the table */
    static Figure run(Path run, int uploads) throws Exception {
        Server server = Server.start(List.of("-Xmx512m"), run, Files.createTempDirectory("zumbido-bench"), "--zumbido.demo=true");
        try {
            FuzzCampaign campaign = new FuzzCampaign(server);
            campaign.go(uploads);
            campaign.failures.forEach(System.err::println);
            return new Figure(
                    uploads + " damaged uploads of every kind",
                    campaign.failures.size() + " failed; " + campaign.statuses + " by status, slowest "
                            + String.format(Locale.ROOT, "%.1f s", campaign.slowest),
                    "no answer 5xx but 503, none after " + (int) LONGEST + " s",
                    campaign.failures.isEmpty(),
                    "seed " + SEED + "; a server with 512 MB; each with the questions that follow it");
        } finally {
            server.stop();
        }
    }

    private void go(int uploads) throws Exception {
        String demo = server.firstBrand();
        List<WholeFile> files = new WholeFiles(server).all(demo);
        for (int i = 0; i < uploads; i++) {
            if (i % IN_A_BRAND == 0) {
                brand = server.copy(demo, "Damaged " + i);
            }
            WholeFile file = files.get(i % files.size());
            String what = "upload " + i + ", " + file.name() + " to " + file.where();
            byte[] content = wounds.of(file.content());
            HttpResponse<String> answer = timed(what, () -> upload(file, content));
            Matcher id = ID.matcher(answer.body());
            if (answer.statusCode() == 201 && id.find()) {
                for (Question question : file.questions()) {
                    String path = place(file) + "/" + id.group(1) + question.path();
                    timed(what + question.path(), () -> server.send(question.method(), path, question.body()));
                }
            }
        }
    }

    private HttpResponse<String> upload(WholeFile file, byte[] content) throws IOException, InterruptedException {
        return file.isPackage()
                ? server.send(file.where(), "application/zip", BodyPublishers.ofByteArray(content))
                : server.upload(place(file), file.name(), content);
    }

    private String place(WholeFile file) {
        return file.where().startsWith("/api") ? file.where() : brand + file.where();
    }

    private interface Asking {
        HttpResponse<String> ask() throws IOException, InterruptedException;
    }

    private HttpResponse<String> timed(String what, Asking asking) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        HttpResponse<String> answer = asking.ask();
        double seconds = (System.nanoTime() - begun) / 1e9;
        slowest = Math.max(slowest, seconds);
        statuses.merge(answer.statusCode(), 1, Integer::sum);
        boolean ours = answer.statusCode() >= 500 && answer.statusCode() != 503;
        if (ours || seconds > LONGEST) {
            failures.add(what + ": " + answer.statusCode() + " after " + seconds + " s");
        }
        return answer;
    }
}
