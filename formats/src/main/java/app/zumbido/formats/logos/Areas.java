package app.zumbido.formats.logos;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

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

    /** @param moves how far its edge may move @return of few straight lines, so that it is quickly cut and grown */
    static Area rough(Area area, double moves) {
        Path2D rough = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        List<double[]> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator lines = new FlatteningPathIterator(area.getPathIterator(null), moves / 2);
                !lines.isDone();
                lines.next()) {
            if (lines.currentSegment(at) != PathIterator.SEG_CLOSE) {
                points.add(new double[] {at[0], at[1]});
            } else if (points.size() > 2) {
                new Outline(points).reduced(rough, moves);
                points = new ArrayList<>();
            }
        }
        return new Area(rough);
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
