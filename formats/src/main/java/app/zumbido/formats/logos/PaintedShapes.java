package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.svg.PaintListener;
import java.awt.Color;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The shapes that a drawing has painted. */
final class PaintedShapes implements PaintListener.Sink {
    final List<PaintedShape> shapes = new ArrayList<>();
    /** Whether there are pictures besides the shapes. */
    boolean pictured;

    @Override
    public void shape(Shape placed, Paint paint, float opacityAround, AffineTransform place) {
        float opacity = opacityAround * alpha(paint);
        if (opacity > 0) {
            shapes.add(new PaintedShape(placed, color(paint), opacity, gradient(paint, opacity, place)));
        }
    }

    @Override
    public void picture() {
        pictured = true;
    }

    /** One that is half seen through is told by its middle. */
    private static Optional<MultipleGradientPaint> gradient(Paint paint, float opacity, AffineTransform place) {
        return opacity == 1 && paint instanceof MultipleGradientPaint gradient
                ? Optional.of(Gradients.moved(gradient, place))
                : Optional.empty();
    }

    private static float alpha(Paint paint) {
        return paint instanceof Color color ? color.getAlpha() / 255f : 1;
    }

    /** Of a gradient its middle: halfway along it, channel by channel. */
    private static Rgb color(Paint paint) {
        if (paint instanceof Color color) {
            return new Rgb(color.getRed(), color.getGreen(), color.getBlue());
        }
        if (paint instanceof MultipleGradientPaint gradient) {
            Color[] colors = gradient.getColors();
            Color from = colors[0];
            Color to = colors[colors.length - 1];
            return colors.length % 2 == 1
                    ? color(colors[colors.length / 2])
                    : new Rgb(
                            (from.getRed() + to.getRed()) / 2,
                            (from.getGreen() + to.getGreen()) / 2,
                            (from.getBlue() + to.getBlue()) / 2);
        }
        return Rgb.BLACK;
    }
}
