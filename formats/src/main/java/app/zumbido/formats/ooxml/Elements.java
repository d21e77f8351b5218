package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.uses.PartEdits;

/** Takes elements out of parts. */
final class Elements {
    private Elements() {}

    /** @param tag of an element that holds none of the same name */
    static void cut(Tag tag, PartEdits.Part part) {
        RawTag opening = RawTag.at(part.text(), tag.from());
        int end = opening.empty() ? opening.to() : opening.closing(part.text()).to();
        part.splices().put(opening.from(), end, "");
    }
}
