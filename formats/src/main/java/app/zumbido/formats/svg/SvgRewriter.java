package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.css.CssColors;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.UnreadableImageException;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.HashSet;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * Copies a drawing with every colour in hex and without what could do harm or reach outside: scripts, foreign markup,
 * event handlers, addresses. Source of the properties: SVG 2, 13 and 14.2.
 */
final class SvgRewriter {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> OWN_NAMESPACES =
            Set.of("", SVG, "http://www.w3.org/1999/xlink", "http://www.w3.org/XML/1998/namespace");

    private static final Set<String> DROPPED = Set.of("script", "foreignObject", "iframe", "audio", "video", "handler");

    private final SvgStyles styles = new SvgStyles(SvgRewriter::property);

    /** @return whether the element is drawn, or holds what is drawn */
    static boolean isDrawn(@Nullable String namespace, String name) {
        boolean foreign = namespace != null && !namespace.isEmpty() && !namespace.equals(SVG);
        return !foreign && !DROPPED.contains(name);
    }

    byte[] rewrite(byte[] file) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(file.length);
        try {
            XMLStreamWriter writer = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(bytes, "UTF-8");
            XMLStreamReader reader = SvgXml.reader(file);
            copy(reader, writer);
            writer.close();
        } catch (XMLStreamException e) {
            throw SvgFile.broken("its markup is damaged or asks for too much", e);
        }
        return bytes.toByteArray();
    }

    private void copy(XMLStreamReader reader, XMLStreamWriter writer) throws XMLStreamException {
        int dropped = 0;
        boolean style = false;
        while (reader.hasNext()) {
            switch (reader.next()) {
                case XMLStreamReader.START_ELEMENT -> {
                    String name = reader.getLocalName();
                    if (dropped > 0 || !isDrawn(reader.getNamespaceURI(), name)) {
                        dropped++;
                    } else {
                        style = name.equals("style");
                        // What is drawn only by other programs has been dropped, and the rest of a choice is drawn.
                        writer.writeStartElement(name.equals("switch") ? "g" : name);
                        if (name.equals("svg")) {
                            writer.writeDefaultNamespace(SVG);
                        }
                        copyAttributes(reader, writer);
                    }
                }
                case XMLStreamReader.END_ELEMENT -> {
                    if (dropped > 0) {
                        dropped--;
                    } else {
                        writer.writeEndElement();
                        style = false;
                    }
                }
                case XMLStreamReader.CHARACTERS, XMLStreamReader.CDATA, XMLStreamReader.SPACE -> {
                    if (dropped == 0) {
                        writer.writeCharacters(style ? styles.sheet(reader.getText()) : reader.getText());
                    }
                }
                default -> {
                    // Comments, instructions and the document type are left out.
                }
            }
        }
    }

    private void copyAttributes(XMLStreamReader reader, XMLStreamWriter writer) throws XMLStreamException {
        Set<String> written = new HashSet<>();
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            String name = reader.getAttributeLocalName(i);
            String value = reader.getAttributeValue(i);
            // What drawing programs keep for themselves is called like what is drawn, but for its namespace.
            if (!OWN_NAMESPACES.contains(Objects.requireNonNullElse(reader.getAttributeNamespace(i), ""))
                    || !written.add(name)) {
                continue;
            }
            if (name.toLowerCase(Locale.ROOT).startsWith("on") || name.equals("href") && !isInside(value)) {
                continue;
            }
            writer.writeAttribute(name, name.equals("style") ? styles.declarations(value) : property(name, value));
        }
    }

    private static boolean isInside(String address) {
        if (!address.startsWith("data:image/")) {
            return address.startsWith("#");
        }
        String encoding = ";base64,";
        int comma = address.indexOf(encoding);
        try {
            byte[] picture = Base64.getMimeDecoder().decode(address.substring(comma + encoding.length()));
            // A picture inside obeys the limits of one that comes alone.
            BitmapFile.inspect(picture);
            return comma > 0;
        } catch (IllegalArgumentException | UnreadableImageException e) {
            return false;
        }
    }

    /** What is painted is drawn by a library that knows few ways of writing a colour. */
    private static String property(String name, String value) {
        if (!SvgColors.PAINTED.contains(name)) {
            return value;
        }
        String said = NamedColor.fallback(value).orElse(value);
        return CssColors.of(said).map(Rgb::hex).orElse(said);
    }
}
