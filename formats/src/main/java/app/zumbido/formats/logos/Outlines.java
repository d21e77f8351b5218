package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.List;

/** Makes logos of outlines that others draw. */
public final class Outlines {
    /** Height of what is drawn; units. */
    private static final double HEIGHT = 400;

    private Outlines() {}

    /** @return the outline in one colour, without empty margins */
    public static LogoDrawing drawing(Shape outline, Rgb color) {
        Rectangle2D box = outline.getBounds2D();
        double scale = HEIGHT / box.getHeight();
        AffineTransform place = AffineTransform.getScaleInstance(scale, scale);
        place.translate(-box.getX(), -box.getY());
        return new LogoDrawing(
                scale * box.getWidth(),
                HEIGHT,
                List.of(new PaintedShape(place.createTransformedShape(outline), color, 1)));
    }
}
