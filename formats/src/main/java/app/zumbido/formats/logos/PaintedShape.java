package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import java.awt.Shape;

/**
 * One shape of a logo as it is painted, over all that were painted before.
 *
 * @param fill of a gradient its middle
 * @param opacity 0 to 1
 */
public record PaintedShape(Shape shape, Rgb fill, float opacity) {}
