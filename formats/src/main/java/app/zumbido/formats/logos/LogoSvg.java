package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.paths.PathData;
import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.geom.AffineTransform;
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
    private static final int EXACT = 6;

    private final XMLStreamWriter svg;
    private int gradients;

    private LogoSvg(XMLStreamWriter svg) {
        this.svg = svg;
    }

    static byte[] write(LogoDrawing logo) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            XMLStreamWriter svg = XMLOutputFactory.newInstance().createXMLStreamWriter(out, "UTF-8");
            new LogoSvg(svg).write(logo.width(), logo.height(), logo.shapes());
            svg.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("Paths can always be written", e);
        }
        return out.toByteArray();
    }

    private void write(double width, double height, Iterable<PaintedShape> shapes) throws XMLStreamException {
        svg.writeStartElement("svg");
        svg.writeDefaultNamespace(NAMESPACE);
        svg.writeAttribute("viewBox", "0 0 " + plain(width, 3) + " " + plain(height, 3));
        for (PaintedShape painted : shapes) {
            // Each gradient stands before the shape that it fills.
            String fill = painted.gradient().isPresent()
                    ? write(painted.gradient().get())
                    : painted.fill().hex();
            svg.writeEmptyElement("path");
            svg.writeAttribute("d", PathData.of(painted.shape().getPathIterator(null)));
            svg.writeAttribute("fill", fill);
            if (painted.shape().getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD) {
                svg.writeAttribute("fill-rule", "evenodd");
            }
            if (painted.opacity() < 1) {
                svg.writeAttribute("fill-opacity", plain(painted.opacity(), 3));
            }
        }
        svg.writeEndElement();
    }

    /** @return how a fill refers to it */
    private String write(MultipleGradientPaint gradient) throws XMLStreamException {
        String id = "g" + ++gradients;
        svg.writeStartElement(gradient instanceof LinearGradientPaint ? "linearGradient" : "radialGradient");
        svg.writeAttribute("id", id);
        svg.writeAttribute("gradientUnits", "userSpaceOnUse");
        if (gradient instanceof LinearGradientPaint linear) {
            write("x1", linear.getStartPoint().getX());
            write("y1", linear.getStartPoint().getY());
            write("x2", linear.getEndPoint().getX());
            write("y2", linear.getEndPoint().getY());
        } else if (gradient instanceof RadialGradientPaint radial) {
            write("cx", radial.getCenterPoint().getX());
            write("cy", radial.getCenterPoint().getY());
            write("r", radial.getRadius());
            write("fx", radial.getFocusPoint().getX());
            write("fy", radial.getFocusPoint().getY());
        }
        svg.writeAttribute(
                "spreadMethod",
                switch (gradient.getCycleMethod()) {
                    case NO_CYCLE -> "pad";
                    case REFLECT -> "reflect";
                    case REPEAT -> "repeat";
                });
        svg.writeAttribute("gradientTransform", matrix(gradient.getTransform()));
        for (int i = 0; i < gradient.getColors().length; i++) {
            Color color = gradient.getColors()[i];
            svg.writeEmptyElement("stop");
            write("offset", gradient.getFractions()[i]);
            svg.writeAttribute("stop-color", new Rgb(color.getRed(), color.getGreen(), color.getBlue()).hex());
            if (color.getAlpha() < 255) {
                write("stop-opacity", color.getAlpha() / 255.0);
            }
        }
        svg.writeEndElement();
        return "url(#" + id + ")";
    }

    private void write(String name, double value) throws XMLStreamException {
        svg.writeAttribute(name, plain(value, EXACT));
    }

    private static String matrix(AffineTransform place) {
        double[] numbers = new double[6];
        place.getMatrix(numbers);
        StringBuilder matrix = new StringBuilder("matrix(");
        for (double number : numbers) {
            matrix.append(matrix.length() > 7 ? " " : "").append(plain(number, EXACT));
        }
        return matrix.append(')').toString();
    }

    private static String plain(double number, int places) {
        return BigDecimal.valueOf(number)
                .setScale(places, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
