package app.zumbido.formats.office;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.poi.schemas.ooxml.system.ooxml.TypeSystemHolder;
import org.apache.xmlbeans.XmlError;
import org.apache.xmlbeans.XmlObject;
import org.apache.xmlbeans.XmlOptions;

/** Validates office files against the schemas of ISO/IEC 29500 as the full schema jar of the OOXML library carries them. */
public final class OfficeSchemas {
    private OfficeSchemas() {}

    /** @return every part by its name */
    public static Map<String, byte[]> parts(byte[] file) {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return parts;
    }

    public static String text(byte[] file, String part) {
        return new String(parts(file).get(part), StandardCharsets.UTF_8);
    }

    /** @return what the schemas find wrong, with the part before it; a part that no schema knows is wrong, too */
    public static List<String> errors(byte[] file) {
        List<String> errors = new ArrayList<>();
        parts(file).forEach((name, content) -> {
            if (name.endsWith(".xml") && name.matches("(ppt|word|xl)/.*")) {
                List<XmlError> found = new ArrayList<>();
                try {
                    XmlObject part = TypeSystemHolder.typeSystem.parse(
                            new ByteArrayInputStream(content), null, new XmlOptions().setLoadLineNumbers());
                    if (part.schemaType().isNoType()
                            || part.schemaType().getName() == null
                                    && !part.schemaType().isDocumentType()) {
                        errors.add(name + ": of no known type");
                    }
                    part.validate(new XmlOptions().setErrorListener(found));
                } catch (Exception e) {
                    errors.add(name + ": " + e);
                }
                found.forEach(error -> errors.add(name + ": " + error.getMessage()));
            }
        });
        return errors;
    }
}
