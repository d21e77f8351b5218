package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What lies in a shape, a cell, a line or behind a slide. Source: ECMA-376 Part 1, 20.1.8. */
sealed interface Fill {
    /** Stops of a gradient that are read; nobody tells more apart, set by eye. */
    int MOST_STOPS = 200;

    /** Whatever is behind shows through. */
    record Clear() implements Fill {}

    /**
     * One colour, or those of a gradient from its beginning to its end, or both of a pattern.
     *
     * @param along of a straight gradient where it has which colour
     */
    record Painted(List<Seen> colors, Optional<Along> along) implements Fill {
        Painted(List<Seen> colors) {
            this(colors, Optional.empty());
        }
    }

    /**
     * How a straight gradient runs. Source: ECMA-376 Part 1, 20.1.8.41 (lin).
     *
     * @param places of its colours, 0 to 1
     * @param degrees clockwise, 0 from left to right
     */
    record Along(List<Double> places, double degrees) {}

    /** A picture, whose colours nobody knows here. */
    record OfPicture() implements Fill {}

    /** @return the colours, of a painted one */
    default List<Seen> colors() {
        return this instanceof Painted painted ? painted.colors() : List.of();
    }

    /** @return what text in it stands on */
    default List<Rgb> grounds(List<Rgb> behind) {
        return this instanceof Clear
                ? behind
                : colors().stream().map(Seen::color).toList();
    }

    /**
     * @param holder what may say how it is filled, as {@code spPr} or {@code ln}
     * @param given for colours that the theme's styles leave open
     * @return nothing if it does not say it
     */
    static Optional<Fill> in(Node holder, DrawingColors colors, Optional<Seen> given) {
        for (Node child : holder.children()) {
            Optional<Fill> fill = of(child, colors, given);
            if (fill.isPresent()) {
                return fill;
            }
        }
        return Optional.empty();
    }

    /** @param element as {@code solidFill}; others are not fills */
    static Optional<Fill> of(Node element, DrawingColors colors, Optional<Seen> given) {
        return switch (element.name()) {
            case "noFill" -> Optional.of(new Clear());
            case "solidFill" -> Optional.of(painted(colors.in(element, given).stream()));
            case "gradFill" -> element.child("gsLst").map(stops -> graded(element, stops, colors, given));
            case "pattFill" ->
                Optional.of(painted(Stream.of("bgClr", "fgClr")
                        .flatMap(name -> element.child(name).stream())
                        .flatMap(child -> colors.in(child, given).stream())));
            case "blipFill" -> Optional.of(new OfPicture());
            default -> Optional.empty();
        };
    }

    private static Fill graded(Node element, Node list, DrawingColors colors, Optional<Seen> given) {
        List<Node> stops = list.children("gs")
                .limit(MOST_STOPS)
                .sorted(Comparator.comparingDouble(Fill::place))
                .toList();
        List<Seen> seen = stops.stream()
                .flatMap(stop -> colors.in(stop, given).stream())
                .filter(Seen::isVisible)
                .toList();
        if (seen.isEmpty()) {
            return new Clear();
        }
        Optional<Along> along = element.child("lin")
                .filter(line -> seen.size() == stops.size())
                .flatMap(line -> line.attribute("ang"))
                .flatMap(Percent::number)
                .map(angle -> new Along(stops.stream().map(Fill::place).toList(), angle / 60_000));
        return new Painted(seen, along);
    }

    private static double place(Node stop) {
        return stop.attribute("pos").flatMap(Percent::fraction).orElse(0.0);
    }

    private static Fill painted(Stream<Seen> colors) {
        List<Seen> visible = colors.filter(Seen::isVisible).toList();
        return visible.isEmpty() ? new Clear() : new Painted(visible);
    }
}
