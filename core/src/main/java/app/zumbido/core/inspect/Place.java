package app.zumbido.core.inspect;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * Where in a file a colour is seen; mostly not where it is written down.
 *
 * @param part the part of the file, as in a zip; empty where the file is one text
 * @param page from 1; nothing where the file does not say where its pages end
 * @param thing what is looked at, in the file's own words: the name of a shape, a cell, a selector; may be empty
 * @param shape the number of the shape on its sheet; nothing where the file has no such numbers
 * @param paragraph of the text in that thing, 0 first; nothing if the whole thing is meant
 * @param frame where on the page; nothing where the file leaves that to programs
 */
public record Place(
        String part, OptionalInt page, String thing, OptionalInt shape, OptionalInt paragraph, Optional<Frame> frame) {
    public static Place on(int page, String part, String thing) {
        return new Place(part, OptionalInt.of(page), thing, OptionalInt.empty(), OptionalInt.empty(), Optional.empty());
    }

    public static Place of(String part, String thing) {
        return new Place(part, OptionalInt.empty(), thing, OptionalInt.empty(), OptionalInt.empty(), Optional.empty());
    }

    public Place at(OptionalInt newShape, Optional<Frame> newFrame) {
        return new Place(part, page, thing, newShape, paragraph, newFrame);
    }

    public Place in(int newParagraph) {
        return new Place(part, page, thing, shape, OptionalInt.of(newParagraph), frame);
    }

    public Place called(String newThing) {
        return new Place(part, page, newThing, shape, paragraph, frame);
    }
}
