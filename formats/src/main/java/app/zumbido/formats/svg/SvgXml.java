package app.zumbido.formats.svg;

import com.ctc.wstx.api.WstxInputProperties;
import com.ctc.wstx.stax.WstxInputFactory;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLResolver;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.codehaus.stax2.XMLInputFactory2;
import org.codehaus.stax2.XMLStreamReader2;

/**
 * Reads XML that came from outside. Entities declared inside the file are expanded under a limit, since logos often
 * declare some; nothing outside the file is ever read.
 */
final class SvgXml {
    /** References that are expanded; a drawing program declares a handful and uses each a few times. */
    private static final int MOST_EXPANSIONS = 2_000;
    /** All expanded text together; characters. */
    private static final int MOST_EXPANDED = 200_000;
    /** Elements within elements; readers of XML stumble over more than some thousands. */
    private static final int DEEPEST = 1_000;
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
        factory.setProperty(LIMITS + "maxElementDepth", DEEPEST);
        return factory.createXMLStreamReader(new ByteArrayInputStream(file));
    }

    /**
     * The same with the place of every tag. It has no limit on how much is expanded in all, so it reads only what the other
     * has read.
     */
    static XMLStreamReader2 withPlaces(String text) throws XMLStreamException {
        XMLInputFactory factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(WstxInputProperties.P_MAX_ENTITY_COUNT, MOST_EXPANSIONS);
        factory.setProperty(XMLInputFactory2.P_LAZY_PARSING, false);
        // Document types of drawings name an address; nothing is fetched from it.
        XMLResolver nothing = (publicId, systemId, base, namespace) -> new ByteArrayInputStream(new byte[0]);
        factory.setProperty(WstxInputProperties.P_DTD_RESOLVER, nothing);
        factory.setProperty(WstxInputProperties.P_ENTITY_RESOLVER, nothing);
        return (XMLStreamReader2) factory.createXMLStreamReader(new StringReader(text));
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
            return beginsAsSvg(head);
        }
    }

    /** Damaged before its first tag; still a drawing if that says so. */
    private static boolean beginsAsSvg(String head) {
        int at = head.indexOf('<');
        while (at >= 0 && at + 1 < head.length() && !Character.isLetter(head.charAt(at + 1))) {
            at = head.indexOf('<', at + 1);
        }
        return at >= 0 && (head.startsWith("svg", at + 1) || head.startsWith("svg:svg", at + 1));
    }
}
