package app.zumbido.benchmarks;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Uploads that are damaged by chance, of every kind that is taken in, and the questions that follow each. Whatever comes in,
 * the answer says what it is: never that something went wrong here, and never later than what drawing may take.
 */
final class FuzzCampaign {
    private static final long SEED = 20261128;
    private static final int MOST_WOUNDS = 12;
    private static final int IN_A_BRAND = 50;
    /** What drawing may take by the clock, and a little more; seconds. */
    private static final double LONGEST = 30;

    private static final Pattern ID = Pattern.compile("^\\{\"id\":\"([^\"]+)\"");

    private final Random random = new Random(SEED);
    private final Server server;
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();
    private double slowest;
    private String brand = "";

    private FuzzCampaign(Server server) {
        this.server = server;
    }

    /** A whole file to begin with, where it goes, and what is asked of what comes of it. */
    private record Seed(String where, String name, byte[] content, List<String> questions) {}

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
        List<Seed> seeds = seeds();
        for (int i = 0; i < uploads; i++) {
            if (i % IN_A_BRAND == 0) {
                brand = server.brand("Damaged " + i);
            }
            Seed seed = seeds.get(i % seeds.size());
            String what = "upload " + i + ", " + seed.name();
            byte[] content = wounded(seed.content());
            HttpResponse<String> answer = timed(what, () -> server.upload(place(seed), seed.name(), content));
            Matcher id = ID.matcher(answer.body());
            if (answer.statusCode() == 201 && id.find()) {
                for (String question : seed.questions()) {
                    timed(what + question, () -> server.send("GET", place(seed) + "/" + id.group(1) + question, ""));
                }
            }
        }
    }

    private String place(Seed seed) {
        return seed.where().startsWith("/api") ? seed.where() : brand + seed.where();
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

    /** A few bytes changed, a piece cut out, doubled or moved, or the end cut off. */
    private byte[] wounded(byte[] whole) {
        byte[] file = whole.clone();
        int wounds = 1 + random.nextInt(MOST_WOUNDS);
        for (int i = 0; i < wounds && file.length > 1; i++) {
            int at = random.nextInt(file.length);
            int length = 1 + random.nextInt(Math.min(200, file.length - at));
            switch (random.nextInt(5)) {
                case 0, 1 -> file[at] = (byte) random.nextInt(256);
                case 2 -> file = joined(file, at, at + length);
                case 3 -> file = joined(file, at + length, at);
                default -> file = random.nextInt(8) == 0 ? Arrays.copyOf(file, at) : file;
            }
        }
        return file;
    }

    /** @return the file up to the first place, and from the second on */
    private static byte[] joined(byte[] file, int upTo, int from) {
        byte[] joined = new byte[upTo + file.length - from];
        System.arraycopy(file, 0, joined, 0, upTo);
        System.arraycopy(file, from, joined, upTo, file.length - from);
        return joined;
    }

    /** One of every kind: made by the server itself, but for pictures and faces. */
    private List<Seed> seeds() throws Exception {
        List<String> ofSource = List.of("/picture", "/proposals", "/inventory", "/slides/1");
        List<String> ofFile = List.of("/colors", "/faults", "/pages/1", "/areas");
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        pictures.put("photograph.jpg", Scenes.photograph(320, 240));
        pictures.put("artwork.png", Scenes.artwork(320, 240));
        List<Seed> seeds = new ArrayList<>();
        pictures.forEach((name, content) -> {
            seeds.add(new Seed("/sources", name, content, ofSource));
            seeds.add(new Seed("/files", name, content, ofFile));
        });
        String demo = server.firstBrand();
        Map<String, String> deliveries = new LinkedHashMap<>(Map.of(
                "svg", "sheet.svg",
                "guide-pdf", "guide.pdf",
                "presentation-wide", "deck.pptx",
                "document", "letter.docx",
                "workbook", "sheet.xlsx",
                "odf-presentation", "deck.odp",
                "css", "colors.css",
                "tokens", "colors.json"));
        for (Map.Entry<String, String> delivery : deliveries.entrySet()) {
            byte[] content = bytes(demo + "/deliveries/" + delivery.getKey());
            seeds.add(new Seed("/sources", delivery.getValue(), content, ofSource));
            seeds.add(new Seed("/files", delivery.getValue(), content, ofFile));
        }
        seeds.add(new Seed("/api/fonts", "face.ttf", bytes("/api/fonts/" + firstFont() + "/file"), List.of()));
        return seeds;
    }

    private String firstFont() throws IOException, InterruptedException {
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(server.answer("GET", "/api/fonts", ""));
        if (!id.find()) {
            throw new IOException("No face ships");
        }
        return id.group(1);
    }

    private byte[] bytes(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = server.client()
                .send(HttpRequest.newBuilder(URI.create(server.address() + path)).build(), BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IOException("GET " + path + ": " + answer.statusCode());
        }
        return answer.body();
    }
}
