package app.zumbido.formats.guide;

import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import java.awt.geom.Point2D;

/** Where a gradient begins and ends: CSS Images Level 3, 3.1 and 3.2 (farthest corner). */
record Ramps(Point2D start, Point2D end, double radius) {
    static Ramps of(Mark.Ramp ramp) {
        Box box = ramp.box();
        double x = box.x() + box.width() / 2;
        double y = box.y() + box.height() / 2;
        double corner = Math.hypot(box.width() / 2, box.height() / 2);
        double angle = Math.toRadians(ramp.angle());
        double half = (Math.abs(box.width() * Math.sin(angle)) + Math.abs(box.height() * Math.cos(angle))) / 2;
        Point2D middle = new Point2D.Double(x, y);
        return ramp.radial()
                ? new Ramps(middle, middle, corner)
                : new Ramps(
                        new Point2D.Double(x - Math.sin(angle) * half, y + Math.cos(angle) * half),
                        new Point2D.Double(x + Math.sin(angle) * half, y - Math.cos(angle) * half),
                        corner);
    }

    /** @return places of so many stops, 0 to 1 */
    static float[] places(int stops) {
        float[] places = new float[stops];
        for (int i = 0; i < stops; i++) {
            places[i] = (float) i / (stops - 1);
        }
        return places;
    }
}
