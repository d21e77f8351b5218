package app.zumbido.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** One file of every kind that is taken in, made by the server itself but for pictures; where it goes, and what is asked then. */
final class WholeFiles {
    /** ImageIO writes none. Made with cwebp -lossless, as the test beside it says. */
    private static final Path WEBP = Path.of("formats/src/test/resources/app/zumbido/formats/image/blocks.webp");

    /** Kinds, and what their files are called; in a fixed order, so that a seed gives the same files again. */
    private static final List<Map.Entry<String, String>> DELIVERIES = List.of(
            Map.entry("svg", "sheet.svg"),
            Map.entry("guide-pdf", "guide.pdf"),
            Map.entry("presentation-wide", "deck.pptx"),
            Map.entry("document", "letter.docx"),
            Map.entry("workbook", "sheet.xlsx"),
            Map.entry("odf-presentation", "deck.odp"),
            Map.entry("css", "colors.css"),
            Map.entry("tokens", "colors.json"));

    private static final List<Question> OF_SOURCE = List.of(
            Question.get("/picture"),
            Question.get("/proposals"),
            Question.get("/proposals?reading=PHOTOGRAPH"),
            Question.get("/inventory"),
            Question.get("/slides/1"),
            Question.post("/theme", "{}"));
    private static final List<Question> OF_FILE = List.of(
            Question.get("/colors"),
            Question.get("/faults"),
            Question.get("/pages/1"),
            Question.get("/areas"),
            Question.post("/deals", "{}"),
            Question.post("/recolor", "{\"mapping\":[{\"from\":\"0B2A4A\",\"to\":\"0F7C7A\"}]}"),
            Question.post("/duotone", "{\"dark\":\"0B2A4A\",\"light\":\"EAF3F2\"}"),
            Question.post("/dress/plan", "{}"),
            Question.post("/dress", "{}"),
            Question.post("/mend", "{\"all\":\"safe\"}"));
    private static final List<Question> OF_FACE = List.of(Question.get("/file"));

    private final Server server;

    WholeFiles(Server server) {
        this.server = server;
    }

    /** @param path behind that of what was taken in */
    record Question(String method, String path, String body) {
        private static Question get(String path) {
            return new Question("GET", path, "");
        }

        private static Question post(String path, String body) {
            return new Question("POST", path, body);
        }
    }

    /** @param where behind the path of a brand, or from the root */
    record WholeFile(String where, String name, byte[] content, List<Question> questions) {
        boolean isPackage() {
            return where.equals("/api/packages");
        }
    }

    List<WholeFile> all(String demo) throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        byte[] artwork = Scenes.artwork(320, 240);
        files.put("photograph.jpg", Scenes.photograph(320, 240));
        files.put("artwork.png", artwork);
        files.put("artwork.gif", written(artwork, "gif"));
        files.put("artwork.bmp", written(artwork, "bmp"));
        files.put("blocks.webp", Files.readAllBytes(WEBP));
        for (Map.Entry<String, String> delivery : DELIVERIES) {
            files.put(delivery.getValue(), bytes(demo + "/deliveries/" + delivery.getKey()));
        }
        List<WholeFile> all = new ArrayList<>();
        files.forEach((name, content) -> {
            all.add(new WholeFile("/sources", name, content, OF_SOURCE));
            all.add(new WholeFile("/files", name, content, OF_FILE));
        });
        all.add(new WholeFile("/api/fonts", "face.ttf", bytes("/api/fonts/" + firstFont() + "/file"), OF_FACE));
        String id = demo.substring(demo.lastIndexOf('/') + 1);
        all.add(new WholeFile("/api/packages", "brand.zip", bytes("/api/packages?brands=" + id), List.of()));
        return all;
    }

    private static byte[] written(byte[] png, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        if (!ImageIO.write(ImageIO.read(new ByteArrayInputStream(png)), format, bytes)) {
            throw new IOException("No " + format + " can be written");
        }
        return bytes.toByteArray();
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
