package app.zumbido.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Ten people who take in large pictures and manuals at once, beside a server with little memory. */
final class TeamBench {
    private static final int PEOPLE = 10;
    private static final int PAGES = 40;
    private static final String HEAP = "-Xmx512m";
    private static final Pattern ID = Pattern.compile("^\\{\"id\":\"([^\"]+)\"");

    private final Path run;

    TeamBench(Path run) {
        this.run = run;
    }

    List<Figure> run() throws Exception {
        byte[] picture = Scenes.photograph(4000, 3000);
        byte[] manual = manual(picture);
        Server server = Server.start(List.of(HEAP), run, Files.createTempDirectory("zumbido-bench"));
        try {
            List<Double> seconds = Collections.synchronizedList(new ArrayList<>());
            List<String> failures = Collections.synchronizedList(new ArrayList<>());
            List<Thread> people = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                String brand = server.brand("Brand " + i);
                people.add(new Thread(() -> {
                    try {
                        take(server, brand, "picture.jpg", picture, seconds);
                        take(server, brand, "manual.pdf", manual, seconds);
                    } catch (IOException e) {
                        failures.add(String.valueOf(e.getMessage()));
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                }));
            }
            people.forEach(Thread::start);
            for (Thread person : people) {
                person.join();
            }
            failures.forEach(System.err::println);
            Collections.sort(seconds);
            return List.of(
                    new Figure(
                            "ten people who each take in 12 megapixels and 40 pages at once",
                            failures.size() + " refused; "
                                    + String.format(Locale.ROOT, "half in %.1f s, all in %.1f s",
                                            seconds.get(seconds.size() / 2), seconds.get(seconds.size() - 1)),
                            "none refused",
                            failures.isEmpty(),
                            "a server with " + HEAP + "; taken in, shown small and proposals made; the PDF of "
                                    + manual.length / 1_000_000 + " MB; whoever is told to ask again does"),
                    new Figure(
                            "most memory of the server meanwhile",
                            peak(server.process()) + " MB",
                            "at most 1,000 MB",
                            peak(server.process()) <= 1_000,
                            "VmHWM of its process, without those that draw (at most two of 384 MB of heap each)"));
        } finally {
            server.stop();
        }
    }

    private static void take(Server server, String brand, String name, byte[] file, List<Double> seconds)
            throws IOException, InterruptedException {
        long begun = System.nanoTime();
        String taken = patient(() -> server.upload(brand + "/sources", name, file));
        Matcher id = ID.matcher(taken);
        if (!id.find()) {
            throw new IOException("No id in " + taken);
        }
        String source = brand + "/sources/" + id.group(1);
        patient(() -> server.send("GET", source + "/picture", ""));
        patient(() -> server.send("GET", source + "/proposals", ""));
        seconds.add((System.nanoTime() - begun) / 1e9);
    }

    private interface Asking {
        HttpResponse<String> ask() throws IOException, InterruptedException;
    }

    private static String patient(Asking asking) throws IOException, InterruptedException {
        HttpResponse<String> answer = asking.ask();
        for (int i = 0; i < 60 && answer.statusCode() == 503; i++) {
            Thread.sleep(1_000);
            answer = asking.ask();
        }
        if (answer.statusCode() >= 300) {
            throw new IOException(answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }

    /** Every page with the picture on it and a panel beneath. */
    private static byte[] manual(byte[] picture) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDImageXObject shown = JPEGFactory.createFromByteArray(document, picture);
            for (int i = 0; i < PAGES; i++) {
                PDPage page = new PDPage();
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    content.drawImage(shown, 50, 400, 400, 300);
                    content.setNonStrokingColor(i / 40f, 0.4f, 0.5f);
                    content.addRect(50, 100, 400, 200);
                    content.fill();
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** @return megabytes; 0 where the system does not tell */
    private static long peak(Process process) throws IOException {
        Path status = Path.of("/proc", Long.toString(process.pid()), "status");
        if (!Files.exists(status)) {
            return 0;
        }
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith("VmHWM:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElse(0);
    }
}
