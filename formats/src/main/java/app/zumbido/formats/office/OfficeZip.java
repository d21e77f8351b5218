package app.zumbido.formats.office;

import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.delivery.ZipTime;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * The package of an office file: parts with their types and the relationships between them. The same parts make the same bytes.
 * Source: ECMA-376 Part 2, 6.3 to 6.5.
 */
public final class OfficeZip {
    /** Of a package as a whole. */
    public static final String ROOT = "";

    private static final String RELATIONSHIPS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
    private static final String OFFICE_TYPES = "application/vnd.openxmlformats-officedocument.";
    private static final Map<String, String> TYPES_OF_ENDINGS = new TreeMap<>(Map.of(
            "odttf", OFFICE_TYPES + "obfuscatedFont",
            "png", "image/png",
            "rels", "application/vnd.openxmlformats-package.relationships+xml",
            "svg", "image/svg+xml",
            "xlsx", OFFICE_TYPES + "spreadsheetml.sheet",
            "xml", "application/xml"));

    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<String, String> types = new LinkedHashMap<>();
    private final Map<String, List<String>> relations = new LinkedHashMap<>();

    /**
     * @param name with the leading slash
     * @param type behind {@code application/vnd.openxmlformats-officedocument.}
     */
    public void put(String name, String type, String xml) {
        put(name, xml.getBytes(StandardCharsets.UTF_8));
        types.put(name, OFFICE_TYPES + type);
    }

    /** A part whose type follows from its ending. */
    public void put(String name, byte[] content) {
        if (parts.put(name, content) != null) {
            throw new IllegalStateException("Part " + name + " twice");
        }
    }

    /**
     * @param from a part, or {@link #ROOT}
     * @param kind the last word of its type
     * @return the id of the relationship
     */
    public String link(String from, String kind, String to) {
        return relate(from, RELATIONSHIPS + kind, to, "");
    }

    /** A relationship to an address outside of the package. */
    public String linkOutside(String from, String kind, String address) {
        return relate(from, RELATIONSHIPS + kind, address, " TargetMode=\"External\"");
    }

    private String relate(String from, String type, String to, String mode) {
        List<String> known = relations.computeIfAbsent(from, name -> new ArrayList<>());
        String id = "rId" + (known.size() + 1);
        known.add("<Relationship Id=\"%s\" Type=\"%s\" Target=\"%s\"%s/>".formatted(id, type, Xml.text(to), mode));
        return id;
    }

    /** When it was made is left out: the same brand makes the same file. Source: ECMA-376 Part 2, 8 (core properties). */
    public void describe(String title) {
        String core = Xml.HEAD + """
                <cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" \
                xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>%s</dc:title></cp:coreProperties>""".formatted(Xml.text(title));
        put("/docProps/core.xml", core.getBytes(StandardCharsets.UTF_8));
        types.put("/docProps/core.xml", "application/vnd.openxmlformats-package.core-properties+xml");
        relate(
                ROOT,
                "http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties",
                "/docProps/core.xml",
                "");
    }

    public void write(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        entry(zip, "/[Content_Types].xml", contentTypes().getBytes(StandardCharsets.UTF_8));
        for (Map.Entry<String, List<String>> from : relations.entrySet()) {
            String xml = Xml.HEAD
                    + "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
                    + String.join("", from.getValue())
                    + "</Relationships>";
            entry(zip, relationsOf(from.getKey()), xml.getBytes(StandardCharsets.UTF_8));
        }
        for (Map.Entry<String, byte[]> part : parts.entrySet()) {
            entry(zip, part.getKey(), part.getValue());
        }
        zip.finish();
    }

    private static String relationsOf(String part) {
        int slash = part.lastIndexOf('/');
        return slash < 0 ? "/_rels/.rels" : part.substring(0, slash) + "/_rels" + part.substring(slash) + ".rels";
    }

    private static void entry(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name.substring(1));
        entry.setTimeLocal(ZipTime.FIXED);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private String contentTypes() {
        StringBuilder xml = new StringBuilder(Xml.HEAD)
                .append("<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">");
        TYPES_OF_ENDINGS.forEach((ending, type) -> {
            if (ending.equals("rels") || parts.keySet().stream().anyMatch(name -> name.endsWith("." + ending))) {
                xml.append("<Default Extension=\"%s\" ContentType=\"%s\"/>".formatted(ending, type));
            }
        });
        types.forEach((name, type) ->
                xml.append("<Override PartName=\"%s\" ContentType=\"%s\"/>".formatted(Xml.text(name), type)));
        return xml.append("</Types>").toString();
    }
}
