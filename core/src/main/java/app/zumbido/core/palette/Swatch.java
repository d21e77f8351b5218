package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;

/**
 * A colour of the brand with a name.
 *
 * @param name 1 to 80 characters
 * @param origins every place where it was found; none if it was entered by its code
 */
public record Swatch(SwatchId id, String name, Rgb color, List<Origin> origins) {
    public static final int LONGEST_NAME = 80;

    public Swatch {
        origins = List.copyOf(origins);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A swatch's name has 1 to " + LONGEST_NAME + " characters");
        }
    }

    public Swatch withName(String newName) {
        return new Swatch(id, newName, color, origins);
    }

    public Swatch withColor(Rgb newColor) {
        return new Swatch(id, name, newColor, origins);
    }

    public Swatch from(Origin newOrigin) {
        return new Swatch(id, name, color, List.of(newOrigin));
    }

    /** A place that is known already is not kept twice. */
    public Swatch alsoFrom(Origin another) {
        if (origins.contains(another)) {
            return this;
        }
        List<Origin> all = new ArrayList<>(origins);
        all.add(another);
        return new Swatch(id, name, color, all);
    }
}
