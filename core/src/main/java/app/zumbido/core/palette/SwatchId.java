package app.zumbido.core.palette;

import java.util.UUID;

/** Names a swatch for as long as the brand lives, whatever becomes of its value. */
public record SwatchId(UUID value) {
    public static SwatchId parse(String text) {
        return new SwatchId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}
