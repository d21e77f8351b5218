package app.zumbido.formats.fonts;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/**
 * The strokes that a straight cut through an outline meets.
 *
 * @param first width of the first one; 0 if there is none
 * @param all widths of all of them together
 */
record Strokes(double first, double all) {
    private static final double FLATNESS = 1;

    /** @param y height of the cut */
    static Strokes across(Path2D outline, double y) {
        return cut(outline.getPathIterator(null), y);
    }

    /** From above, through the middle of its width. */
    static Strokes down(Path2D outline) {
        AffineTransform turned = new AffineTransform(0, -1, 1, 0, 0, 0);
        double middle = outline.getBounds2D().getCenterX();
        return cut(outline.getPathIterator(turned), -middle);
    }

    private record Crossing(double at, int turn) {}

    private static Strokes cut(PathIterator outline, double y) {
        List<Crossing> crossings = crossings(new FlatteningPathIterator(outline, FLATNESS), y);
        crossings.sort((one, other) -> Double.compare(one.at(), other.at()));
        double first = 0;
        double all = 0;
        double begun = 0;
        int winding = 0;
        for (Crossing crossing : crossings) {
            if (winding == 0) {
                begun = crossing.at();
            }
            winding += crossing.turn();
            if (winding == 0) {
                double width = crossing.at() - begun;
                first = first == 0 ? width : first;
                all += width;
            }
        }
        return new Strokes(first, all);
    }

    private static List<Crossing> crossings(PathIterator lines, double y) {
        List<Crossing> crossings = new ArrayList<>();
        double[] at = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double fromY = 0;
        for (; !lines.isDone(); lines.next()) {
            switch (lines.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    add(crossings, x, fromY, startX, startY, y);
                    startX = at[0];
                    startY = at[1];
                }
                case PathIterator.SEG_LINETO -> add(crossings, x, fromY, at[0], at[1], y);
                default -> {
                    add(crossings, x, fromY, startX, startY, y);
                    at[0] = startX;
                    at[1] = startY;
                }
            }
            x = at[0];
            fromY = at[1];
        }
        add(crossings, x, fromY, startX, startY, y);
        return crossings;
    }

    private static void add(List<Crossing> crossings, double x1, double y1, double x2, double y2, double y) {
        if (y1 <= y != y2 <= y) {
            crossings.add(new Crossing(x1 + (y - y1) / (y2 - y1) * (x2 - x1), y1 <= y ? 1 : -1));
        }
    }
}
