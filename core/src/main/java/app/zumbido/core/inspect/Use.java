package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.List;

/**
 * A colour that does something at one place of a finished file.
 *
 * @param what what it does there
 * @param color as it is seen, after everything that makes it lighter or darker
 * @param grounds what it stands on: one colour, or those of a gradient; none where that is a picture or not known
 */
public record Use(Place place, ColorUse what, Rgb color, Setting setting, List<Rgb> grounds) {
    public Use {
        grounds = List.copyOf(grounds);
    }
}
