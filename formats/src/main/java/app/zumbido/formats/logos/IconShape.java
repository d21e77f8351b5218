package app.zumbido.formats.logos;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;

/** What an icon stands on. */
public enum IconShape {
    ROUND,
    ROUNDED,
    SQUARE;

    /** Diameter of a corner, of the side (common practice, no published source). */
    private static final double CORNER = 0.36;

    Shape of(double side) {
        return switch (this) {
            case ROUND -> new Ellipse2D.Double(0, 0, side, side);
            case ROUNDED -> new RoundRectangle2D.Double(0, 0, side, side, CORNER * side, CORNER * side);
            case SQUARE -> new Rectangle2D.Double(0, 0, side, side);
        };
    }

    /** @return side of the square that a mark is fitted into, of the icon's side */
    double room() {
        return this == ROUND ? 0.6 : 0.72;
    }
}
