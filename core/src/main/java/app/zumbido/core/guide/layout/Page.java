package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;
import java.util.List;
import java.util.stream.Stream;

/**
 * A page as it is drawn.
 *
 * @param number 1 is the first
 * @param title where it is said beside the page, as on slides; empty: it stands on the page
 */
public record Page(int number, String title, double width, double height, Rgb ground, List<Part> parts) {
    public Page {
        parts = List.copyOf(parts);
    }

    Page(int number, double width, double height, Rgb ground, List<Part> parts) {
        this(number, "", width, height, ground, parts);
    }

    public Box box() {
        return new Box(0, 0, width, height);
    }

    public Stream<Part> all() {
        return parts.stream().flatMap(Part::all);
    }

    public Stream<Mark> drawn() {
        return parts.stream().flatMap(Part::drawn);
    }
}
