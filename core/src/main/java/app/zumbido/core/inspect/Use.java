package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.Optional;

/**
 * A colour that does something at one place of a finished file.
 *
 * @param purpose what it does there
 * @param color as it is seen, after everything that makes it lighter or darker
 * @param standing what it stands on
 * @param written of a text how it is written, where the file tells
 */
public record Use(
        Place place, Purpose purpose, Rgb color, Setting setting, Standing standing, Optional<Written> written) {
    /**
     * A use in a file that tells no more about it.
     *
     * @param grounds one colour, or those of a gradient; none where that is a picture or not known
     */
    public static Use of(Place place, ColorUse what, Rgb color, Setting setting, List<Rgb> grounds) {
        return new Use(place, Purpose.usual(what), color, setting, Standing.of(grounds), Optional.empty());
    }

    public ColorUse what() {
        return purpose.use();
    }

    public List<Rgb> grounds() {
        return standing.colors();
    }
}
