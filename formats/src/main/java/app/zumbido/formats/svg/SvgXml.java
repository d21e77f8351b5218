package app.zumbido.formats.svg;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads XML that came from outside. Entities declared inside the file are expanded under a limit, since logos often
 * declare some; nothing outside the file is ever read.
 */
final class SvgXml {
    /** References that are expanded; a drawing program declares a handful and uses each a few times. */
    private static final int MOST_EXPANSIONS = 2_000;
    /** All expanded text together; characters. */
    private static final int MOST_EXPANDED = 200_000;
    /** A drawing starts within so many bytes, or it is none. */
    private static final int HEAD = 65_536;

    private static final String LIMITS = "http://www.oracle.com/xml/jaxp/properties/";

    private SvgXml() {}

    static XMLStreamReader reader(byte[] file) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, true);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, true);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty("http://java.sun.com/xml/stream/properties/ignore-external-dtd", true);
        factory.setProperty("http://javax.xml.XMLConstants/property/accessExternalDTD", "");
        factory.setProperty(LIMITS + "entityExpansionLimit", MOST_EXPANSIONS);
        factory.setProperty(LIMITS + "totalEntitySizeLimit", MOST_EXPANDED);
        return factory.createXMLStreamReader(new ByteArrayInputStream(file));
    }

    static boolean isSvg(byte[] file) {
        String head = new String(file, 0, Math.min(file.length, HEAD), StandardCharsets.ISO_8859_1);
        if (!head.contains("<svg") && !head.contains(":svg")) {
            return false;
        }
        try {
            XMLStreamReader reader = reader(file);
            while (reader.hasNext()) {
                if (reader.next() == XMLStreamReader.START_ELEMENT) {
                    return reader.getLocalName().equals("svg");
                }
            }
            return false;
        } catch (XMLStreamException e) {
            // Damaged before its first tag; still a drawing if it says so.
            return head.stripLeading().startsWith("<");
        }
    }
}
