package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import java.io.ByteArrayOutputStream;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Draws colours as tickets in rows, each with its code and a word beneath, as an SVG. Source: SVG 2, 9.2 and 11. */
public final class TicketSheet {
    private static final String NAMESPACE = "http://www.w3.org/2000/svg";
    private static final int WIDTH = 150;
    private static final int HEIGHT = 90;
    private static final int GAP = 16;
    /** Room for two lines of text. */
    private static final int CAPTION = 44;

    private static final int CUT = 22;

    private TicketSheet() {}

    /** @param caption beneath its code; may be empty */
    public record Entry(Rgb color, String caption) {}

    /** @param perRow at least 1 */
    public static byte[] write(List<Entry> entries, int perRow) {
        int rows = (entries.size() + perRow - 1) / perRow;
        int width = GAP + perRow * (WIDTH + GAP);
        int height = GAP + rows * (HEIGHT + CAPTION + GAP);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter svg = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(bytes, "UTF-8");
            svg.writeStartDocument("UTF-8", "1.0");
            svg.writeStartElement("svg");
            svg.writeDefaultNamespace(NAMESPACE);
            svg.writeAttribute("viewBox", "0 0 " + width + " " + height);
            svg.writeAttribute("width", String.valueOf(width));
            svg.writeAttribute("height", String.valueOf(height));
            svg.writeEmptyElement("rect");
            attributes(svg, "width", width, "height", height, "fill", Rgb.WHITE.hex());
            for (int i = 0; i < entries.size(); i++) {
                int x = GAP + i % perRow * (WIDTH + GAP);
                int y = GAP + i / perRow * (HEIGHT + CAPTION + GAP);
                ticket(svg, entries.get(i), x, y);
            }
            svg.writeEndElement();
            svg.writeEndDocument();
            svg.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("Nothing stops writing to memory", e);
        }
        return bytes.toByteArray();
    }

    private static void ticket(XMLStreamWriter svg, Entry entry, int x, int y) throws XMLStreamException {
        svg.writeEmptyElement("path");
        String shape = "M" + x + " " + y + "h" + (WIDTH - CUT) + "l" + CUT + " " + CUT + "v" + (HEIGHT - CUT) + "h-"
                + WIDTH + "z";
        // A pale colour would melt into the paper without an outline.
        attributes(svg, "d", shape, "fill", entry.color().hex(), "stroke", "#A9A9A9");
        text(svg, entry.color().digits(), "monospace", x, y + HEIGHT + 18);
        text(svg, entry.caption(), "sans-serif", x, y + HEIGHT + 36);
    }

    private static void text(XMLStreamWriter svg, String text, String family, int x, int y) throws XMLStreamException {
        svg.writeStartElement("text");
        attributes(svg, "x", x, "y", y, "font-family", family, "font-size", 14, "fill", "#161616");
        svg.writeCharacters(text);
        svg.writeEndElement();
    }

    private static void attributes(XMLStreamWriter svg, Object... namesAndValues) throws XMLStreamException {
        for (int i = 0; i < namesAndValues.length; i += 2) {
            svg.writeAttribute(String.valueOf(namesAndValues[i]), String.valueOf(namesAndValues[i + 1]));
        }
    }
}
