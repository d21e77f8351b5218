package app.zumbido.formats.logos;

import app.zumbido.core.logos.IconShape;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;

/** Draws what an icon stands on. */
final class IconGround {
    /** Diameter of a corner, of the side (common practice, no published source). */
    private static final double CORNER = 0.36;

    private IconGround() {}

    static Shape of(IconShape shape, double side) {
        return switch (shape) {
            case ROUND -> new Ellipse2D.Double(0, 0, side, side);
            case ROUNDED -> new RoundRectangle2D.Double(0, 0, side, side, CORNER * side, CORNER * side);
            case SQUARE -> new Rectangle2D.Double(0, 0, side, side);
        };
    }

    /** @return side of the square that a mark is fitted into, of the icon's side */
    static double room(IconShape shape) {
        return shape == IconShape.ROUND ? 0.6 : 0.72;
    }
}
