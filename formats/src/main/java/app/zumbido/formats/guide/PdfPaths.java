package app.zumbido.formats.guide;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Outlines as PDF knows them: without curves of second degree (ISO 32000-1, 8.5.2). */
final class PdfPaths {
    private PdfPaths() {}

    /** @param shape in the space of the page */
    static void add(PDPageContentStream content, Shape shape) throws IOException {
        double[] points = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator path = shape.getPathIterator(null); !path.isDone(); path.next()) {
            int kind = path.currentSegment(points);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> content.moveTo((float) points[0], (float) points[1]);
                case PathIterator.SEG_LINETO -> content.lineTo((float) points[0], (float) points[1]);
                case PathIterator.SEG_QUADTO ->
                    content.curveTo(
                            (float) (x + 2 * (points[0] - x) / 3),
                            (float) (y + 2 * (points[1] - y) / 3),
                            (float) (points[2] + 2 * (points[0] - points[2]) / 3),
                            (float) (points[3] + 2 * (points[1] - points[3]) / 3),
                            (float) points[2],
                            (float) points[3]);
                case PathIterator.SEG_CUBICTO ->
                    content.curveTo(
                            (float) points[0],
                            (float) points[1],
                            (float) points[2],
                            (float) points[3],
                            (float) points[4],
                            (float) points[5]);
                default -> content.closePath();
            }
            int last = kind == PathIterator.SEG_QUADTO ? 2 : kind == PathIterator.SEG_CUBICTO ? 4 : 0;
            if (kind != PathIterator.SEG_CLOSE) {
                x = points[last];
                y = points[last + 1];
            }
        }
    }

    static boolean isEvenOdd(Shape shape) {
        return shape.getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD;
    }
}
