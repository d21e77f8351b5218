import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** Takes the code for other platforms out of the database library: a package is for one, and they are half of the file. */
final class KeepNative {
    private KeepNative() {}

    public static void main(String[] arguments) throws IOException {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT).startsWith("mac") ? "Mac" : "Linux";
        String machine = Map.of("amd64", "x86_64").getOrDefault(System.getProperty("os.arch"), System.getProperty("os.arch"));
        // Distributions with the small C library are Linux too.
        List<String> kept = List.of(system + "/" + machine, system + "-Musl/" + machine);
        try (FileSystem jar = FileSystems.newFileSystem(Path.of(arguments[0]))) {
            Path natives = jar.getPath("org/sqlite/native");
            List<Path> files;
            try (Stream<Path> all = Files.walk(natives)) {
                files = all.filter(Files::isRegularFile).toList();
            }
            for (Path file : files) {
                String platform = natives.relativize(file.getParent()).toString();
                if (!kept.contains(platform)) {
                    Files.delete(file);
                }
            }
            if (kept.stream().noneMatch(platform -> Files.isDirectory(natives.resolve(platform)))) {
                throw new IOException("The database library has no code for " + kept.get(0));
            }
        }
    }
}
