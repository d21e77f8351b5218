package app.zumbido.formats.archive;

import app.zumbido.formats.archive.Tag.Attribute;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import com.ctc.wstx.stax.WstxInputFactory;
import java.io.StringReader;
import java.util.Arrays;
import java.util.List;
import javax.xml.stream.Location;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.codehaus.stax2.LocationInfo;
import org.codehaus.stax2.XMLInputFactory2;
import org.codehaus.stax2.XMLStreamReader2;
import org.jspecify.annotations.Nullable;

/**
 * Reads the XML parts of documents, and tells where each tag stands. Document types are never followed, so that nothing
 * outside is read. The reader of the JDK loses count of characters after its first buffer.
 */
public final class PartXml {
    private static final XMLInputFactory FACTORY = factory();

    private PartXml() {}

    private static XMLInputFactory factory() {
        XMLInputFactory factory = new WstxInputFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        // Otherwise damage is told where nobody expects it, when a text is asked for.
        factory.setProperty(XMLInputFactory2.P_LAZY_PARSING, false);
        return factory;
    }

    /** What is told about each element while a part is read; names come without their prefix. */
    public interface Handler {
        void start(Tag tag);

        default void end(String name) {}

        default void text(String text) {}
    }

    /**
     * @param name of the part; empty where the file is one text
     * @throws UnreadableImageException if the part is no well-formed XML
     */
    public static void read(String name, byte[] part, Handler handler) {
        String text = PartText.of(part).text();
        try {
            read(name, text, (XMLStreamReader2) FACTORY.createXMLStreamReader(new StringReader(text)), handler);
        } catch (XMLStreamException e) {
            throw new UnreadableImageException(
                    Reason.BROKEN, "The file cannot be read: a part of it is damaged" + near(e.getLocation()), e);
        }
    }

    /** @param place nothing where a limit of the reader was met, as in parts that are nested without end */
    private static String near(@Nullable Location place) {
        return place == null ? " or nested too deeply" : " near line " + place.getLineNumber();
    }

    /** @param text what the reader reads */
    public static void read(String name, String text, XMLStreamReader2 reader, Handler handler)
            throws XMLStreamException {
        while (reader.hasNext()) {
            switch (reader.next()) {
                case XMLStreamReader.START_ELEMENT -> handler.start(tag(name, text, reader));
                case XMLStreamReader.END_ELEMENT -> handler.end(reader.getLocalName());
                case XMLStreamReader.CHARACTERS, XMLStreamReader.CDATA -> handler.text(reader.getText());
                default -> {
                    // Comments and instructions say nothing about colours.
                }
            }
        }
    }

    private static Tag tag(String part, String text, XMLStreamReader2 reader) throws XMLStreamException {
        Attribute[] attributes = new Attribute[reader.getAttributeCount()];
        for (int i = 0; i < attributes.length; i++) {
            String local = reader.getAttributeLocalName(i);
            attributes[i] =
                    new Attribute(local, qualified(reader.getAttributePrefix(i), local), reader.getAttributeValue(i));
        }
        LocationInfo location = reader.getLocationInfo();
        int from = (int) location.getStartingCharOffset();
        // What an entity stands for is counted from its own beginning.
        boolean here = from >= 0 && isOpening(text, from, reader.getPrefix(), reader.getLocalName());
        return new Tag(
                part,
                reader.getLocalName(),
                reader.getNamespaceURI() == null ? "" : reader.getNamespaceURI(),
                attributes.length == 0 ? List.of() : Arrays.asList(attributes),
                text,
                here ? from : -1,
                here ? (int) location.getEndingCharOffset() : -1);
    }

    private static boolean isOpening(String text, int from, String prefix, String local) {
        if (from >= text.length() || text.charAt(from) != '<') {
            return false;
        }
        if (prefix == null || prefix.isEmpty()) {
            return text.startsWith(local, from + 1);
        }
        int colon = from + 1 + prefix.length();
        return text.startsWith(prefix, from + 1)
                && colon < text.length()
                && text.charAt(colon) == ':'
                && text.startsWith(local, colon + 1);
    }

    private static String qualified(String prefix, String local) {
        return prefix == null || prefix.isEmpty() ? local : prefix + ":" + local;
    }
}
