package app.zumbido.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The accessibility checker, from npm. */
final class Axe {
    static final String SCRIPT = read();

    private Axe() {}

    private static String read() {
        try {
            return Files.readString(Path.of("node_modules/axe-core/axe.min.js"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
