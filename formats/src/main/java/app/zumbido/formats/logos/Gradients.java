package app.zumbido.formats.logos;

import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.geom.AffineTransform;

/** Moves gradients along with the shapes that they fill. */
final class Gradients {
    private Gradients() {}

    static MultipleGradientPaint moved(MultipleGradientPaint gradient, AffineTransform way) {
        AffineTransform place = new AffineTransform(way);
        place.concatenate(gradient.getTransform());
        if (gradient instanceof LinearGradientPaint linear) {
            return new LinearGradientPaint(
                    linear.getStartPoint(),
                    linear.getEndPoint(),
                    linear.getFractions(),
                    linear.getColors(),
                    linear.getCycleMethod(),
                    linear.getColorSpace(),
                    place);
        }
        RadialGradientPaint radial = (RadialGradientPaint) gradient;
        return new RadialGradientPaint(
                radial.getCenterPoint(),
                radial.getRadius(),
                radial.getFocusPoint(),
                radial.getFractions(),
                radial.getColors(),
                radial.getCycleMethod(),
                radial.getColorSpace(),
                place);
    }
}
