package app.zumbido.formats.odf;

import app.zumbido.core.brand.Look;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.delivery.ZipTime;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** The package of an OpenDocument file. The same parts make the same bytes. Source: OASIS OpenDocument 1.3, Part 2. */
final class OdfZip {
    static final String NAMESPACES = "xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\" "
            + "xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\" "
            + "xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\" "
            + "xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\" "
            + "xmlns:draw=\"urn:oasis:names:tc:opendocument:xmlns:drawing:1.0\" "
            + "xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\" "
            + "xmlns:svg=\"urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0\" "
            + "xmlns:presentation=\"urn:oasis:names:tc:opendocument:xmlns:presentation:1.0\" "
            + "xmlns:meta=\"urn:oasis:names:tc:opendocument:xmlns:meta:1.0\" "
            + "xmlns:dc=\"http://purl.org/dc/elements/1.1/\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" "
            + "office:version=\"1.3\"";
    private static final Map<String, String> TYPES =
            Map.of("xml", "text/xml", "png", "image/png", "svg", "image/svg+xml", "ttf", "application/x-font-ttf");

    private final String mediaType;
    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<ByteBuffer, String> packed = new HashMap<>();

    OdfZip(String mediaType) {
        this.mediaType = mediaType;
    }

    /** @param root of the part, as in {@code document-styles} */
    void put(String name, String root, String content) {
        String xml = Xml.HEAD + "<office:" + root + " " + NAMESPACES + ">" + content + "</office:" + root + ">";
        parts.put(name, xml.getBytes(StandardCharsets.UTF_8));
    }

    /** @return where it stands; the same content stands there once */
    String add(String folder, byte[] content, String ending) {
        return packed.computeIfAbsent(ByteBuffer.wrap(content), key -> {
            String name = folder + "/" + (packed.size() + 1) + "." + ending;
            parts.put(name, content);
            return name;
        });
    }

    /** @param name of its part @return the picture, for a frame */
    static String image(String name) {
        return "<draw:image xlink:href=\"%s\" xlink:type=\"simple\" xlink:show=\"embed\" xlink:actuate=\"onLoad\" draw:mime-type=\"%s\"/>"
                .formatted(name, TYPES.get(name.substring(name.lastIndexOf('.') + 1)));
    }

    /** @return the declarations of the families of a brand, with their files where those permit it */
    String fonts(FontSet type, Assets assets) {
        Set<String> families = new LinkedHashSet<>();
        for (TypeRole role : List.of(TypeRole.HEADING, TypeRole.SUBHEADING, TypeRole.BODY)) {
            families.add(type.get(role).family());
        }
        StringBuilder faces = new StringBuilder("<office:font-face-decls>");
        for (String family : families) {
            StringBuilder files = new StringBuilder();
            for (FontProgram program : assets.programs(family)) {
                files.append(
                        "<svg:font-face-uri xlink:href=\"%s\" xlink:type=\"simple\"><svg:font-face-format svg:string=\"truetype\"/></svg:font-face-uri>"
                                .formatted(add("Fonts", program.file(), "ttf")));
            }
            faces.append("<style:font-face style:name=\"%s\" svg:font-family=\"%s\">%s</style:font-face>"
                    .formatted(
                            Xml.text(family),
                            Xml.text("'" + family.replace("'", "") + "'"),
                            files.isEmpty() ? "" : "<svg:font-face-src>" + files + "</svg:font-face-src>"));
        }
        return faces.append("</office:font-face-decls>").toString();
    }

    /** When it was made is left out: the same brand makes the same file. */
    void describe(Look look) {
        put(
                "meta.xml",
                "document-meta",
                "<office:meta><dc:title>" + Xml.text(look.brand().name()) + "</dc:title>" + OdfTheme.xml(look)
                        + "</office:meta>");
    }

    void write(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        byte[] type = mediaType.getBytes(StandardCharsets.US_ASCII);
        ZipEntry first = new ZipEntry("mimetype");
        CRC32 sum = new CRC32();
        sum.update(type);
        // It is read without unpacking, at its place in the file.
        first.setMethod(ZipEntry.STORED);
        first.setSize(type.length);
        first.setCrc(sum.getValue());
        put(zip, first, type);
        put(zip, new ZipEntry("META-INF/manifest.xml"), manifest().getBytes(StandardCharsets.UTF_8));
        for (Map.Entry<String, byte[]> part : parts.entrySet()) {
            put(zip, new ZipEntry(part.getKey()), part.getValue());
        }
        zip.finish();
    }

    private static void put(ZipOutputStream zip, ZipEntry entry, byte[] content) throws IOException {
        entry.setTimeLocal(ZipTime.FIXED);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private String manifest() {
        StringBuilder xml = new StringBuilder(Xml.HEAD)
                .append("<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\" "
                        + "manifest:version=\"1.3\"><manifest:file-entry manifest:full-path=\"/\" manifest:version=\"1.3\" "
                        + "manifest:media-type=\"")
                .append(mediaType)
                .append("\"/>");
        parts.keySet()
                .forEach(name ->
                        xml.append("<manifest:file-entry manifest:full-path=\"%s\" manifest:media-type=\"%s\"/>"
                                .formatted(name, TYPES.get(name.substring(name.lastIndexOf('.') + 1)))));
        return xml.append("</manifest:manifest>").toString();
    }
}
