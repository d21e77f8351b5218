package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Files in the strict form of the standard differ in their namespaces, which is why the library refuses to read them: for
 * drawing they are put into the other form. Source: ISO/IEC 29500-1, annex A, and 29500-4, annex A.
 */
final class StrictForm {
    private static final String STRICT = "http://purl.oclc.org/ooxml/";
    private static final String OTHER = "http://schemas.openxmlformats.org/";
    /** In the other form the year of the first edition stands behind each of them. */
    private static final List<String> GROUPS =
            List.of("officeDocument/", "drawingml/", "presentationml/", "wordprocessingml/", "spreadsheetml/");

    private StrictForm() {}

    /** @return the same file where it is not strict */
    static byte[] transitional(byte[] file) {
        try (Archive archive = Archive.open(file)) {
            if (!isStrict(archive)) {
                return file;
            }
            Map<String, byte[]> changed = new HashMap<>();
            for (String name : archive.names()) {
                if (name.endsWith(".xml") || name.endsWith(".rels")) {
                    String text = new String(archive.get(name).orElseThrow(), StandardCharsets.UTF_8);
                    if (text.contains(STRICT)) {
                        changed.put(name, other(text).getBytes(StandardCharsets.UTF_8));
                    }
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            archive.write(changed, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A file in memory cannot be written", e);
        }
    }

    static boolean isStrict(Archive archive) {
        return archive.get("_rels/.rels")
                .map(list -> new String(list, StandardCharsets.UTF_8).contains(STRICT))
                .orElse(false);
    }

    private static String other(String text) {
        String changed = text;
        for (String group : GROUPS) {
            changed = changed.replace(STRICT + group, OTHER + group + "2006/");
        }
        return changed;
    }
}
