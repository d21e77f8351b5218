package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.Optional;

/**
 * One shape of a logo as it is painted, over all that were painted before.
 *
 * @param fill of a gradient its middle
 * @param opacity 0 to 1
 * @param gradient in the units of the shape
 */
public record PaintedShape(Shape shape, Rgb fill, float opacity, Optional<MultipleGradientPaint> gradient) {
    public PaintedShape(Shape shape, Rgb fill, float opacity) {
        this(shape, fill, opacity, Optional.empty());
    }

    PaintedShape in(Rgb color) {
        return color.equals(fill) ? this : new PaintedShape(shape, color, opacity);
    }

    PaintedShape shaped(Shape other) {
        return new PaintedShape(other, fill, opacity, gradient);
    }

    public PaintedShape moved(AffineTransform way) {
        return new PaintedShape(
                way.createTransformedShape(shape), fill, opacity, gradient.map(paint -> Gradients.moved(paint, way)));
    }

    public void draw(Graphics2D graphics) {
        int alpha = Math.round(opacity * 255);
        graphics.setPaint(
                gradient.<Paint>map(paint -> paint).orElse(new Color(fill.red(), fill.green(), fill.blue(), alpha)));
        graphics.fill(shape);
    }
}
