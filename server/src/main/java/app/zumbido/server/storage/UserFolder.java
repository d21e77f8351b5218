package app.zumbido.server.storage;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Where programs keep what belongs to the person who uses them. */
final class UserFolder {
    private UserFolder() {}

    static Path ofThisSystem() {
        return of(System.getProperty("os.name"), Path.of(System.getProperty("user.home")), System.getenv());
    }

    /**
     * Source: the XDG Base Directory Specification 0.8 for everything but macOS and Windows, whose makers say it in their
     * guides for programmers (from memory).
     */
    static Path of(String system, Path home, Map<String, String> environment) {
        String kind = system.toLowerCase(Locale.ROOT);
        if (kind.startsWith("windows")) {
            return said(environment, "LOCALAPPDATA")
                    .orElse(home.resolve("AppData").resolve("Local"))
                    .resolve("Zumbido");
        }
        if (kind.startsWith("mac")) {
            return home.resolve("Library").resolve("Application Support").resolve("Zumbido");
        }
        return said(environment, "XDG_DATA_HOME")
                .orElse(said(environment, "HOME").orElse(home).resolve(".local").resolve("share"))
                .resolve("zumbido");
    }

    /** What is not absolute is to be ignored. */
    private static Optional<Path> said(Map<String, String> environment, String name) {
        return Optional.ofNullable(environment.get(name))
                .filter(path -> !path.isBlank())
                .map(Path::of)
                .filter(Path::isAbsolute);
    }
}
