package app.zumbido.formats.known;

import java.util.List;

/**
 * A picture as a file, and what is known about it.
 *
 * @param name tells how it was drawn and worn, for whoever looks at a miss
 * @param file PNG or JPEG
 * @param colors in reading order where they are chips
 */
public record KnownPicture(String name, Family family, byte[] file, List<KnownColor> colors) {
    /** How a picture is judged. */
    public enum Family {
        FLAT,
        DEGRADED,
        GRADIENT,
        CHIPS,
        SCENE
    }

    public KnownPicture {
        colors = List.copyOf(colors);
    }
}
