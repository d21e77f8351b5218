package app.zumbido.benchmarks;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** Extraction in a process whose heap holds the decoded picture and 64 MB, and nothing more. */
final class MemoryBench {
    private static final int WIDTH = 8000;
    private static final int HEIGHT = 6000;
    private static final int BESIDE_MB = 64;

    private MemoryBench() {}

    static List<Figure> run() throws IOException, InterruptedException {
        int pictureMb = (int) Math.ceil(WIDTH * (double) HEIGHT * Integer.BYTES / (1 << 20));
        int heap = pictureMb + BESIDE_MB;
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx" + heap + "m",
                        // A generation for the young would take a third of the heap away from the one large array.
                        "-XX:+UseSerialGC",
                        "-XX:NewSize=8m",
                        "-XX:MaxNewSize=8m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        MemoryBench.class.getName())
                .inheritIO()
                .start();
        boolean enough = process.waitFor() == 0;
        return List.of(new Figure(
                "memory of extraction, 48 megapixels",
                enough ? "runs" : "runs out",
                "decoded picture (" + pictureMb + " MB) + " + BESIDE_MB + " MB",
                enough,
                "both readings in a process with -Xmx" + heap + "m"));
    }

    /** The process with the small heap. */
    public static void main(String[] args) {
        int[] samples = new int[WIDTH * HEIGHT];
        Arrays.fill(samples, 0xFFFFFFFF);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                boolean disc = Math.hypot(x - WIDTH / 3.0, y - HEIGHT / 2.0) < HEIGHT / 4.0;
                samples[y * WIDTH + x] = disc ? 0xFF0B2A4A : x > WIDTH * 0.8 ? 0xFF000000 | x * 31 + y * 17 : -1;
            }
        }
        Pixels pixels = Pixels.wrap(WIDTH, HEIGHT, samples);
        for (Reading reading : Reading.values()) {
            if (Extraction.from(pixels, reading).proposals().isEmpty()) {
                throw new IllegalStateException("Nothing was found as " + reading);
            }
        }
    }
}
