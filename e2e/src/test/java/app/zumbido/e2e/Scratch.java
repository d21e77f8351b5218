package app.zumbido.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.stream.Stream;

/** What more than one journey uses; it goes when the run ends, the newest first. */
final class Scratch {
    private static final Deque<Runnable> ENDINGS = new ArrayDeque<>();

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> ENDINGS.forEach(Runnable::run)));
    }

    private Scratch() {}

    static void atTheEnd(Runnable ending) {
        ENDINGS.push(ending);
    }

    static Path folder(String prefix) throws IOException {
        Path folder = Files.createTempDirectory(prefix);
        atTheEnd(() -> remove(folder));
        return folder;
    }

    private static void remove(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
