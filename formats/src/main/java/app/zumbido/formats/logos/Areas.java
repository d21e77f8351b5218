package app.zumbido.formats.logos;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;

/** Measures and grows areas. */
final class Areas {
    private static final double FLATNESS = 0.05;

    private Areas() {}

    /** @return in square units, by the signed areas of its contours (the shoelace formula) */
    static double measure(Area area) {
        double twice = 0;
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        double[] at = new double[6];
        PathIterator lines = new FlatteningPathIterator(area.getPathIterator(null), FLATNESS);
        for (; !lines.isDone(); lines.next()) {
            switch (lines.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    startX = at[0];
                    startY = at[1];
                }
                case PathIterator.SEG_LINETO -> twice += x * at[1] - at[0] * y;
                default -> {
                    twice += x * startY - startX * y;
                    at[0] = startX;
                    at[1] = startY;
                }
            }
            x = at[0];
            y = at[1];
        }
        return Math.abs(twice) / 2;
    }

    /** @param by how far its edge moves out, in units */
    static Area grown(Area area, double by) {
        Area grown = new Area(area);
        if (by > 0 && !area.isEmpty()) {
            grown.add(new Area(new BasicStroke((float) (2 * by), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                    .createStrokedShape(area)));
        }
        return grown;
    }

    /** @param by how far its edge moves in, in units */
    static Area shrunk(Area area, double by) {
        Area shrunk = new Area(area);
        if (by > 0 && !area.isEmpty()) {
            shrunk.subtract(new Area(new BasicStroke((float) (2 * by), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                    .createStrokedShape(area)));
        }
        return shrunk;
    }
}
