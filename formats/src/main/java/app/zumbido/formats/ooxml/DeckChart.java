package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The colours of the series of a chart. Source: ECMA-376 Part 1, 21.2.2.170. */
final class DeckChart {
    private static final int ACCENTS = 6;

    private final DrawingColors colors;

    /** A series or one point of it. */
    record Series(String name, List<Seen> colors) {}

    DeckChart(DrawingColors colors) {
        this.colors = colors;
    }

    /** @param chart root of its part */
    List<Series> series(Node chart) {
        return chart.inside().stream()
                .filter(node -> node.name().equals("ser"))
                .flatMap(this::withPoints)
                .filter(series -> !series.colors().isEmpty())
                .toList();
    }

    private Stream<Series> withPoints(Node series) {
        String name = series.at("tx").stream()
                .flatMap(node -> node.inside().stream())
                .filter(node -> node.name().equals("v"))
                .map(Node::text)
                .findFirst()
                .orElse("");
        List<Seen> whole = painted(series).orElseGet(() -> unsaid(series));
        return Stream.concat(
                Stream.of(new Series(name, whole)),
                series.children("dPt").flatMap(point -> painted(point).map(seen -> new Series(name, seen)).stream()));
    }

    /** A series that is drawn as a line has no fill but a line. */
    private Optional<List<Seen>> painted(Node holder) {
        Optional<Node> shape = holder.child("spPr");
        return shape.flatMap(properties -> Fill.in(properties, colors, Optional.empty()))
                .filter(fill -> !fill.colors().isEmpty())
                .or(() -> shape.flatMap(properties -> properties.child("ln"))
                        .flatMap(line -> Fill.in(line, colors, Optional.empty())))
                .map(Fill::colors);
    }

    /** Programs then take the accents one after the other. Common practice, no published source. */
    private List<Seen> unsaid(Node series) {
        int number = series.child("idx")
                .flatMap(node -> node.attribute("val"))
                .flatMap(Percent::number)
                .map(Double::intValue)
                .orElse(0);
        return colors.slot("accent" + (1 + Math.floorMod(number, ACCENTS)), Optional.empty()).stream()
                .toList();
    }
}
