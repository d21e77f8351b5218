package app.zumbido.formats.existing;

import app.zumbido.formats.archive.TextParts;
import app.zumbido.formats.office.OfficeSchemas;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Gives a deck a second master, as pages have that somebody has copied from another deck. Source: ECMA-376 Part 1, 13.3. */
final class SecondMaster {
    private static final String MASTER = "ppt/slideMasters/slideMaster1.xml";

    private SecondMaster() {}

    /** @param name of its theme @param lastSlides how many of the last slides stand on it */
    static byte[] added(byte[] deck, String name, int lastSlides) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>(OfficeSchemas.parts(deck));
        Map<String, String> texts = TextParts.of(deck);
        Map<String, String> changed = new LinkedHashMap<>();
        int layouts = (int) texts.keySet().stream()
                .filter(part -> part.matches("ppt/slideLayouts/slideLayout\\d+\\.xml"))
                .count();
        for (int i = 1; i <= layouts; i++) {
            changed.put(layout(i + layouts), texts.get(layout(i)));
            changed.put(
                    rels(layout(i + layouts)),
                    texts.get(rels(layout(i))).replace("slideMaster1.xml", "slideMaster2.xml"));
        }
        String masterRels = texts.get(rels(MASTER));
        for (int i = layouts; i >= 1; i--) {
            masterRels = masterRels.replace("/slideLayout" + i + ".xml", "/slideLayout" + (i + layouts) + ".xml");
        }
        String theme = masterRels.replaceAll("(?s).*?(theme\\d+)\\.xml.*", "$1");
        changed.put(
                "ppt/theme/theme9.xml",
                texts.get("ppt/theme/" + theme + ".xml")
                        .replaceFirst("<a:clrScheme name=\"[^\"]*\"", "<a:clrScheme name=\"" + name + "\""));
        changed.put(rels("ppt/slideMasters/slideMaster2.xml"), masterRels.replace(theme + ".xml", "theme9.xml"));
        changed.put("ppt/slideMasters/slideMaster2.xml", withIds(texts.get(MASTER), 3000));
        changed.put("[Content_Types].xml", types(texts.get("[Content_Types].xml"), layouts, theme));
        String main = "ppt/presentation.xml";
        changed.put(
                main,
                texts.get(main)
                        .replaceFirst(
                                "</p:sldMasterIdLst>",
                                "<p:sldMasterId id=\"2147489000\" r:id=\"rIdMaster2\"/></p:sldMasterIdLst>"));
        changed.put(
                rels(main),
                texts.get(rels(main))
                        .replace(
                                "</Relationships>",
                                "<Relationship Id=\"rIdMaster2\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/"
                                        + "relationships/slideMaster\" Target=\"slideMasters/slideMaster2.xml\"/></Relationships>"));
        int slides = (int) texts.keySet().stream()
                .filter(part -> part.matches("ppt/slides/slide\\d+\\.xml"))
                .count();
        texts.keySet().stream()
                .filter(part -> part.matches("ppt/slides/_rels/slide\\d+\\.xml\\.rels"))
                .sorted((one, other) -> number(other) - number(one))
                .limit(Math.min(slides, lastSlides))
                .forEach(part -> changed.put(part, onSecond(texts.get(part), layouts)));
        changed.forEach((part, text) -> parts.put(part, text.getBytes(StandardCharsets.UTF_8)));
        return zip(parts);
    }

    private static String onSecond(String rels, int layouts) {
        String number = rels.replaceAll("(?s).*slideLayout(\\d+)\\.xml.*", "$1");
        return rels.replace(
                "slideLayout" + number + ".xml", "slideLayout" + (Integer.parseInt(number) + layouts) + ".xml");
    }

    private static int number(String part) {
        return Integer.parseInt(part.replaceAll("\\D*(\\d+)\\D*", "$1"));
    }

    private static String layout(int number) {
        return "ppt/slideLayouts/slideLayout" + number + ".xml";
    }

    private static String rels(String part) {
        int slash = part.lastIndexOf('/') + 1;
        return part.substring(0, slash) + "_rels/" + part.substring(slash) + ".rels";
    }

    /** Ids of layouts are unique in the whole presentation. */
    private static String withIds(String master, int more) {
        StringBuilder text = new StringBuilder();
        for (String piece : master.split("(?=<p:sldLayoutId )")) {
            String id = piece.startsWith("<p:sldLayoutId ") ? piece.replaceAll("(?s).*?[^:]id=\"(\\d+)\".*", "$1") : "";
            text.append(
                    id.isEmpty()
                            ? piece
                            : piece.replace("id=\"" + id + "\"", "id=\"" + (Long.parseLong(id) + more) + "\""));
        }
        return text.toString();
    }

    private static String types(String types, int layouts, String theme) {
        StringBuilder more = new StringBuilder();
        for (int i = 1; i <= layouts; i++) {
            more.append(type("/" + layout(i + layouts), "presentationml.slideLayout"));
        }
        more.append(type("/ppt/slideMasters/slideMaster2.xml", "presentationml.slideMaster"));
        more.append(type("/ppt/theme/theme9.xml", "theme"));
        return types.replace("</Types>", more + "</Types>");
    }

    private static String type(String part, String kind) {
        return "<Override PartName=\"" + part + "\" ContentType=\"application/vnd.openxmlformats-officedocument." + kind
                + "+xml\"/>";
    }

    private static byte[] zip(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }
}
