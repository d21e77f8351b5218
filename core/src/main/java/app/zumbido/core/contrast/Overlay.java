package app.zumbido.core.contrast;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;

/**
 * A solid laid over a ground.
 *
 * @param opacity how much of it shows; 0.7 lets 30 % of the ground through
 */
public record Overlay(Rgb color, Fraction opacity) {
    Rgb over(Rgb ground) {
        return Compositing.over(color, opacity, ground);
    }
}
