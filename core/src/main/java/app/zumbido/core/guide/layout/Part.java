package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.SectionKind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A part of a page with all that is drawn of it: its own marks first, then its parts in the order in which they are read.
 *
 * @param words what is said in place of a figure, or where a link leads; empty elsewhere
 * @param section of a section, and of what was written for one
 */
public record Part(Tag tag, Box box, List<Mark> marks, List<Part> parts, String words, Optional<SectionKind> section) {
    public Part {
        marks = List.copyOf(marks);
        parts = List.copyOf(parts);
    }

    public static Part of(Tag tag, Box box, List<? extends Mark> marks) {
        return new Part(tag, box, List.copyOf(marks), List.of(), "", Optional.empty());
    }

    static Part holding(Tag tag, Box box, List<Part> parts) {
        return new Part(tag, box, List.of(), parts, "", Optional.empty());
    }

    static Part item(Tag tag, Box box, List<? extends Mark> marks, List<Part> parts) {
        return new Part(tag, box, List.copyOf(marks), parts, "", Optional.empty());
    }

    static Part figure(Box box, List<? extends Mark> marks, String words) {
        return new Part(Tag.FIGURE, box, List.copyOf(marks), List.of(), words, Optional.empty());
    }

    Part saying(String other) {
        return new Part(tag, box, marks, parts, other, section);
    }

    Part moved(double dx, double dy) {
        return dx == 0 && dy == 0
                ? this
                : new Part(
                        tag,
                        box.moved(dx, dy),
                        marks.stream().map(mark -> mark.moved(dx, dy)).toList(),
                        parts.stream().map(part -> part.moved(dx, dy)).toList(),
                        words,
                        section);
    }

    /** @return this and everything in it, in the order in which it is read */
    public Stream<Part> all() {
        return Stream.concat(Stream.of(this), parts.stream().flatMap(Part::all));
    }

    /** @return everything that is drawn, in the order in which it is drawn */
    public Stream<Mark> drawn() {
        return all().flatMap(part -> part.marks().stream());
    }

    /** @return all of its words, in the order in which they are read */
    public String text() {
        StringBuilder text = new StringBuilder();
        boolean glued = true;
        for (Mark mark : (Iterable<Mark>) drawn()::iterator) {
            if (mark instanceof Mark.Words words) {
                text.append(glued ? "" : " ").append(words.text());
                glued = words.glued();
            }
        }
        return text.toString();
    }
}
