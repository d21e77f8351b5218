package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;

/**
 * A colour as it is seen, and how it came there.
 *
 * @param opacity 0 where nothing of it is seen, to 1
 */
record Seen(Rgb color, Setting setting, double opacity) {
    Seen(Rgb color, Setting setting) {
        this(color, setting, 1);
    }

    boolean isVisible() {
        return opacity > 0;
    }
}
