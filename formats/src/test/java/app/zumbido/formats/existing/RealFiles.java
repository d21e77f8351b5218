package app.zumbido.formats.existing;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.JarURLConnection;
import java.net.URL;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Office files that nobody here wrote: those of the test jars of Apache Tika 2.9.2, modules tika-parser-microsoft-module and
 * tika-parser-miscoffice-module (Apache License 2.0). Those of Apache POI, docx4j and the ODF toolkit are in no registry.
 */
final class RealFiles {
    private static final String FOLDER = "test-documents/";

    private RealFiles() {}

    /** @param oneOfThem name of a file in the jar that is meant @param endings as in {@code pptx|docx} */
    static Map<String, byte[]> of(String oneOfThem, String endings) {
        Map<String, byte[]> files = new TreeMap<>();
        URL url = RealFiles.class.getResource("/" + FOLDER + oneOfThem);
        try (ZipFile jar = new ZipFile(
                ((JarURLConnection) url.openConnection()).getJarFile().getName())) {
            for (ZipEntry entry : jar.stream().toList()) {
                if (entry.getName().startsWith(FOLDER) && entry.getName().matches(".*\\.(" + endings + ")")) {
                    try (InputStream in = jar.getInputStream(entry)) {
                        files.put(entry.getName().substring(FOLDER.length()), in.readAllBytes());
                    }
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return files;
    }

    static Map<String, byte[]> office() {
        return of("testPPT.pptx", "pptx|potx|docx|dotx|xlsx|xltx");
    }

    static Map<String, byte[]> openDocument() {
        return of("testODFwithOOo3.odt", "odp|odt|ods");
    }
}
