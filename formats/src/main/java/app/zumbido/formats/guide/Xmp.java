package app.zumbido.formats.guide;

import app.zumbido.formats.delivery.Xml;
import java.util.List;

/**
 * What a document says of itself (ISO 16684-1), with a description of every property that ISO 19005-2 does not know. It knows
 * no other time than the fixed one that its standard wants.
 */
final class Xmp {
    private static final String HEAD = """
            <?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?>
            <x:xmpmeta xmlns:x="adobe:ns:meta/">
            <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
            """;
    private static final String FOOT = """
            </rdf:RDF>
            </x:xmpmeta>
            <?xpacket end="w"?>""";

    private Xmp() {}

    /** @param kind of value, as the standard calls it */
    private record Property(String name, String kind, String words) {}

    private record Schema(String name, String uri, String prefix, List<Property> properties) {}

    private static final Schema ACCESSIBLE = new Schema(
            "PDF/UA identification",
            "http://www.aiim.org/pdfua/ns/id/",
            "pdfuaid",
            List.of(new Property("part", "Integer", "Part of ISO 14289")));

    private static final Schema PRESS = new Schema(
            "PDF/X identification",
            "http://www.npes.org/pdfx/ns/id/",
            "pdfxid",
            List.of(new Property("GTS_PDFXVersion", "Text", "Version of PDF/X")));

    private static final Schema TRAPPED = new Schema(
            "Document properties",
            "http://ns.adobe.com/pdf/1.3/",
            "pdf",
            List.of(new Property("Trapped", "Text", "Whether the document is trapped")));

    static String screen(String title, String language, String producer) {
        return HEAD
                + common(title, language)
                + described("", "<pdf:Producer>" + Xml.text(producer) + "</pdf:Producer>")
                + extensions(List.of(ACCESSIBLE))
                + FOOT;
    }

    /** @param time of making, in ISO 8601 @param id a UUID */
    static String press(String title, String language, String producer, String time, String id) {
        String pdf = "<pdf:Producer>" + Xml.text(producer) + "</pdf:Producer><pdf:Trapped>False</pdf:Trapped>";
        String dates = "<xmp:CreateDate>%1$s</xmp:CreateDate><xmp:ModifyDate>%1$s</xmp:ModifyDate>"
                .formatted(time)
                .concat("<xmp:MetadataDate>%s</xmp:MetadataDate>".formatted(time));
        String identity = "<xmpMM:DocumentID>uuid:%1$s</xmpMM:DocumentID>".formatted(id)
                + "<xmpMM:VersionID>1</xmpMM:VersionID><xmpMM:RenditionClass>default</xmpMM:RenditionClass>";
        return HEAD
                + common(title, language)
                + described("", pdf)
                + described("xmlns:xmp=\"http://ns.adobe.com/xap/1.0/\"", dates)
                + described("xmlns:xmpMM=\"http://ns.adobe.com/xap/1.0/mm/\"", identity)
                + described(
                        "xmlns:pdfxid=\"http://www.npes.org/pdfx/ns/id/\"",
                        "<pdfxid:GTS_PDFXVersion>PDF/X-4</pdfxid:GTS_PDFXVersion>")
                + extensions(List.of(ACCESSIBLE, PRESS, TRAPPED))
                + FOOT;
    }

    private static String common(String title, String language) {
        return described(
                "xmlns:pdfaid=\"http://www.aiim.org/pdfa/ns/id/\" xmlns:pdfuaid=\"http://www.aiim.org/pdfua/ns/id/\" "
                        + "xmlns:dc=\"http://purl.org/dc/elements/1.1/\"",
                "<pdfaid:part>2</pdfaid:part><pdfaid:conformance>A</pdfaid:conformance><pdfuaid:part>1</pdfuaid:part>"
                        + "<dc:format>application/pdf</dc:format>"
                        + "<dc:title><rdf:Alt><rdf:li xml:lang=\"x-default\">%s</rdf:li></rdf:Alt></dc:title>"
                                .formatted(Xml.text(title))
                        + "<dc:language><rdf:Bag><rdf:li>%s</rdf:li></rdf:Bag></dc:language>".formatted(language));
    }

    private static String described(String names, String content) {
        return "<rdf:Description rdf:about=\"\" xmlns:pdf=\"http://ns.adobe.com/pdf/1.3/\" " + names + ">" + content
                + "</rdf:Description>\n";
    }

    private static String extensions(List<Schema> schemas) {
        StringBuilder bag = new StringBuilder();
        for (Schema schema : schemas) {
            bag.append("<rdf:li rdf:parseType=\"Resource\"><pdfaSchema:schema>").append(schema.name());
            bag.append("</pdfaSchema:schema><pdfaSchema:namespaceURI>").append(schema.uri());
            bag.append("</pdfaSchema:namespaceURI><pdfaSchema:prefix>").append(schema.prefix());
            bag.append("</pdfaSchema:prefix><pdfaSchema:property><rdf:Seq>");
            for (Property property : schema.properties()) {
                bag.append("<rdf:li rdf:parseType=\"Resource\"><pdfaProperty:name>")
                        .append(property.name());
                bag.append("</pdfaProperty:name><pdfaProperty:valueType>").append(property.kind());
                bag.append("</pdfaProperty:valueType><pdfaProperty:category>internal</pdfaProperty:category>");
                bag.append("<pdfaProperty:description>").append(property.words());
                bag.append("</pdfaProperty:description></rdf:li>");
            }
            bag.append("</rdf:Seq></pdfaSchema:property></rdf:li>\n");
        }
        return described(
                "xmlns:pdfaExtension=\"http://www.aiim.org/pdfa/ns/extension/\" "
                        + "xmlns:pdfaSchema=\"http://www.aiim.org/pdfa/ns/schema#\" "
                        + "xmlns:pdfaProperty=\"http://www.aiim.org/pdfa/ns/property#\"",
                "<pdfaExtension:schemas><rdf:Bag>" + bag + "</rdf:Bag></pdfaExtension:schemas>");
    }
}
