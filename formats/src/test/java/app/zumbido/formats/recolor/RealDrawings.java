package app.zumbido.formats.recolor;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Drawings that nobody here wrote: flag-icons 7.2.3 and bootstrap-icons 1.11.3 (both MIT), and where it is installed the
 * public-domain clip art of Debian's openclipart-svg.
 */
final class RealDrawings {
    private static final Path CLIP_ART = Path.of("/usr/share/openclipart/svg");

    private RealDrawings() {}

    /** @param every how many are left out between two */
    static Map<String, byte[]> flags(int every) {
        return of("flag-icons/7.2.3/flags/4x3/de.svg", "flags/4x3/", every);
    }

    static Map<String, byte[]> icons(int every) {
        return of("bootstrap-icons/1.11.3/icons/heart.svg", "/icons/", every);
    }

    private static Map<String, byte[]> of(String oneOfThem, String folder, int every) {
        Map<String, byte[]> files = new TreeMap<>();
        URL url = RealDrawings.class.getResource("/META-INF/resources/webjars/" + oneOfThem);
        try (ZipFile jar = new ZipFile(
                ((JarURLConnection) url.openConnection()).getJarFile().getName())) {
            int number = 0;
            for (ZipEntry entry : jar.stream().toList()) {
                if (entry.getName().contains(folder) && entry.getName().endsWith(".svg") && number++ % every == 0) {
                    try (InputStream in = jar.getInputStream(entry)) {
                        files.put(Path.of(entry.getName()).getFileName().toString(), in.readAllBytes());
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return files;
    }

    /** @return nothing where it is not installed */
    static Map<String, byte[]> clipArt(int every) {
        Map<String, byte[]> files = new TreeMap<>();
        if (!Files.isDirectory(CLIP_ART)) {
            return files;
        }
        try (Stream<Path> all = Files.walk(CLIP_ART)) {
            List<Path> drawings = all.filter(path -> path.toString().endsWith(".svg"))
                    .sorted()
                    .toList();
            for (int i = 0; i < drawings.size(); i += every) {
                if (Files.size(drawings.get(i)) < 400_000) {
                    files.put(CLIP_ART.relativize(drawings.get(i)).toString(), Files.readAllBytes(drawings.get(i)));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return files;
    }
}
