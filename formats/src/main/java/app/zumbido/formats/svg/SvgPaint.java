package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Spot;

/**
 * A colour where it is written in a drawing.
 *
 * @param spot the characters that stand for it; none are there where black is meant because nothing is said
 * @param property that it is for, as in {@code fill} or {@code stop-color}
 * @param thing id of the element, or its name
 * @param before what is written before the colour where nothing stands yet
 * @param after what is written behind it
 */
public record SvgPaint(Spot spot, Rgb color, String property, String thing, String before, String after) {
    static SvgPaint at(Spot spot, Rgb color, String property, String thing) {
        return new SvgPaint(spot, color, property, thing, "", "");
    }

    /** Whether it stands nowhere and is only meant. */
    public boolean isImplied() {
        return !before.isEmpty();
    }
}
