package app.zumbido.core.inspect;

import java.util.OptionalInt;

/**
 * Where in a file a colour is seen; mostly not where it is written down.
 *
 * @param part the part of the file, as in a zip; empty where the file is one text
 * @param page from 1; nothing where the file does not say where its pages end
 * @param thing what is looked at, in the file's own words: the name of a shape, a cell, a selector; may be empty
 */
public record Place(String part, OptionalInt page, String thing) {
    public static Place on(int page, String part, String thing) {
        return new Place(part, OptionalInt.of(page), thing);
    }

    public static Place of(String part, String thing) {
        return new Place(part, OptionalInt.empty(), thing);
    }
}
