package app.zumbido.formats.logos;

import app.zumbido.formats.svg.PathData;
import java.awt.geom.PathIterator;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes a logo as a drawing of plain paths (SVG 2). */
final class LogoSvg {
    private static final String NAMESPACE = "http://www.w3.org/2000/svg";

    private LogoSvg() {}

    static byte[] write(LogoDrawing logo) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            XMLStreamWriter svg = XMLOutputFactory.newInstance().createXMLStreamWriter(out, "UTF-8");
            svg.writeStartElement("svg");
            svg.writeDefaultNamespace(NAMESPACE);
            svg.writeAttribute("viewBox", "0 0 " + plain(logo.width()) + " " + plain(logo.height()));
            for (PaintedShape painted : logo.shapes()) {
                svg.writeEmptyElement("path");
                svg.writeAttribute("d", PathData.of(painted.shape().getPathIterator(null)));
                svg.writeAttribute("fill", painted.fill().hex());
                if (painted.shape().getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD) {
                    svg.writeAttribute("fill-rule", "evenodd");
                }
                if (painted.opacity() < 1) {
                    svg.writeAttribute("fill-opacity", plain(painted.opacity()));
                }
            }
            svg.writeEndElement();
            svg.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("Paths can always be written", e);
        }
        return out.toByteArray();
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
