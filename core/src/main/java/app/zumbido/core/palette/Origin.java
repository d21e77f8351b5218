package app.zumbido.core.palette;

import java.util.OptionalInt;

/**
 * Where a swatch came from.
 *
 * @param source the name of the picture, as the person knows it
 * @param x pixels from the left; absent if the whole picture speaks for it
 * @param y pixels from the top; absent if the whole picture speaks for it
 * @param area side of the square that was averaged, in pixels; absent if nobody took it by hand
 */
public record Origin(String source, OptionalInt x, OptionalInt y, OptionalInt area) {
    /** The whole file speaks for it. */
    public static Origin of(String source) {
        return new Origin(source, OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty());
    }

    public static Origin at(String source, int x, int y) {
        return new Origin(source, OptionalInt.of(x), OptionalInt.of(y), OptionalInt.empty());
    }
}
