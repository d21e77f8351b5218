package app.zumbido.core.guide.layout;

import java.util.Optional;

/**
 * A band across the place of a section that is never cut.
 *
 * @param part at the upper left corner of nothing; moved where it stands
 * @param before gap above it where it is not the first on its page
 * @param keepsNext whether it must not be the last on a page
 * @param within what it is one piece of, with its neighbours
 * @param head repeated where a page begins with this strip
 */
record Strip(Part part, double before, boolean keepsNext, Optional<Within> within, Optional<Part> head) {
    /** @param id tells one table from the next @param tag of all pieces together */
    record Within(int id, Tag tag) {}

    static Strip of(Part part, double before) {
        return new Strip(part, before, false, Optional.empty(), Optional.empty());
    }

    Strip keepingNext() {
        return new Strip(part, before, true, within, head);
    }

    Strip in(Within other) {
        return new Strip(part, before, keepsNext, Optional.of(other), head);
    }

    Strip under(Part repeated) {
        return new Strip(part, before, keepsNext, within, Optional.of(repeated));
    }

    double height() {
        return part.box().height();
    }
}
