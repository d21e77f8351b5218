package app.zumbido.formats.archive;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.io.ByteArrayInputStream;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads the XML parts of documents. Document types are never followed, so that nothing outside is read. */
public final class PartXml {
    private PartXml() {}

    /** What is told about each element while a part is read; names come without their prefix. */
    public interface Handler {
        void start(String name, XMLStreamReader attributes);

        default void end(String name) {}

        default void text(String text) {}
    }

    /** @throws UnreadableImageException if the part is no well-formed XML */
    public static void read(byte[] part, Handler handler) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(part));
            while (reader.hasNext()) {
                switch (reader.next()) {
                    case XMLStreamReader.START_ELEMENT -> handler.start(reader.getLocalName(), reader);
                    case XMLStreamReader.END_ELEMENT -> handler.end(reader.getLocalName());
                    case XMLStreamReader.CHARACTERS, XMLStreamReader.CDATA -> handler.text(reader.getText());
                    default -> {
                        // Comments and instructions say nothing about colours.
                    }
                }
            }
        } catch (XMLStreamException e) {
            throw new UnreadableImageException(
                    Reason.BROKEN,
                    "The file cannot be read: a part of it is damaged near line "
                            + e.getLocation().getLineNumber(),
                    e);
        }
    }

    /** @return the attribute, whatever its prefix; nothing if it is missing or empty */
    public static Optional<String> attribute(XMLStreamReader element, String name) {
        for (int i = 0; i < element.getAttributeCount(); i++) {
            if (element.getAttributeLocalName(i).equals(name)) {
                return Optional.of(element.getAttributeValue(i)).filter(value -> !value.isBlank());
            }
        }
        return Optional.empty();
    }
}
