package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.Optional;

/**
 * A colour of the brand with a name.
 *
 * @param name 1 to 80 characters
 */
public record Swatch(SwatchId id, String name, Rgb color, Optional<Origin> origin) {
    public static final int LONGEST_NAME = 80;

    public Swatch {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A swatch's name has 1 to " + LONGEST_NAME + " characters");
        }
    }

    public Swatch withName(String newName) {
        return new Swatch(id, newName, color, origin);
    }

    public Swatch withColor(Rgb newColor) {
        return new Swatch(id, name, newColor, origin);
    }

    public Swatch from(Origin newOrigin) {
        return new Swatch(id, name, color, Optional.of(newOrigin));
    }
}
