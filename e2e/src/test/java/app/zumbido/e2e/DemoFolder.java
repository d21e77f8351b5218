package app.zumbido.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** A data folder with the invented brands; made once, since drawing their pictures takes longer than most journeys. */
final class DemoFolder {
    private static Path made;

    private DemoFolder() {}

    /** @param folder does not exist yet */
    static void copyTo(Path folder) throws IOException {
        if (made == null) {
            Path fresh = Scratch.folder("zumbido-demo");
            // It is ready once the brands stand on its shelf.
            RunningServer.start(fresh, 0, "--zumbido.demo=true").end();
            made = fresh;
        }
        try (Stream<Path> files = Files.walk(made)) {
            for (Path file : files.toList()) {
                Files.copy(file, folder.resolve(made.relativize(file)));
            }
        }
    }
}
