package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundChart;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.inspect.Written;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Walks through the colours of a chart: its series and their points, its grounds and lines, and what is written in it in a
 * colour of its own. Source: ECMA-376 Part 1, 21.2.2.
 */
final class ChartUses {
    private static final int ACCENTS = 6;
    /** Ten points is what programs write in charts where nobody says a size. Common practice, no published source. */
    private static final double USUAL_POINTS = 10;

    private static final Set<String> LINES = Set.of("majorGridlines", "minorGridlines", "catAx", "valAx", "dateAx");

    private final DrawingColors colors;
    private final Uses uses;

    ChartUses(DrawingColors colors, Uses uses) {
        this.colors = colors;
        this.uses = uses;
    }

    /** @param chart root of its part */
    void walk(Node chart, Place place, Standing behind) {
        Standing ground =
                filled(chart).map(fill -> tellGround(fill, place, behind)).orElse(behind);
        List<FoundChart.Series> series = new ArrayList<>();
        for (Node node : chart.inside()) {
            switch (node.name()) {
                case "ser" -> series(node, place, ground).ifPresent(series::add);
                case "plotArea" -> filled(node).ifPresent(fill -> tellGround(fill, place, ground));
                case "rPr", "defRPr" -> tellText(node, place, ground);
                default -> {
                    if (LINES.contains(node.name())) {
                        line(node).ifPresent(line -> tell(place, Purpose.LINE, line.colors(), ground));
                    }
                }
            }
        }
        if (!series.isEmpty()) {
            uses.chart(new FoundChart(place, series, ground));
        }
    }

    private Standing tellGround(Fill fill, Place place, Standing behind) {
        tell(place, Purpose.BOX_FILL, fill.colors(), behind);
        return fill instanceof Fill.Painted
                ? new Standing(On.SHAPE, fill.colors().stream().map(Seen::color).toList())
                : behind;
    }

    private Optional<Fill> filled(Node holder) {
        return holder.child("spPr").flatMap(properties -> Fill.in(properties, colors, Optional.empty()));
    }

    private Optional<Fill> line(Node holder) {
        return holder.at("spPr", "ln").flatMap(line -> Fill.in(line, colors, Optional.empty()));
    }

    private void tell(Place place, Purpose purpose, List<Seen> seen, Standing standing) {
        seen.forEach(
                color -> uses.use(new Use(place, purpose, color.color(), color.setting(), standing, Optional.empty())));
    }

    private Optional<FoundChart.Series> series(Node node, Place place, Standing ground) {
        String name = name(node);
        List<Seen> whole = painted(node).orElseGet(() -> unsaid(node));
        if (whole.isEmpty()) {
            return Optional.empty();
        }
        Place here = place.called(name);
        tell(here, Purpose.SERIES, whole, ground);
        List<Rgb> points = new ArrayList<>();
        node.children("dPt")
                .forEach(point -> painted(point).ifPresent(seen -> {
                    tell(here, Purpose.SERIES, seen, ground);
                    seen.forEach(color -> points.add(color.color()));
                }));
        Seen first = whole.get(0);
        return Optional.of(new FoundChart.Series(name, first.color(), first.setting(), points));
    }

    private static String name(Node series) {
        return series.child("tx").stream()
                .flatMap(node -> node.inside().stream())
                .filter(node -> node.name().equals("v"))
                .map(Node::text)
                .findFirst()
                .orElse("");
    }

    /** A series that is drawn as a line has no fill but a line. */
    private Optional<List<Seen>> painted(Node holder) {
        return filled(holder)
                .filter(fill -> !fill.colors().isEmpty())
                .or(() -> line(holder))
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

    private void tellText(Node properties, Place place, Standing ground) {
        Fill.in(properties, colors, Optional.empty()).ifPresent(fill -> {
            double points = properties
                    .attribute("sz")
                    .flatMap(Percent::number)
                    .map(size -> size / 100)
                    .orElse(USUAL_POINTS);
            boolean bold = properties.attribute("b").filter("1"::equals).isPresent();
            Written written =
                    new Written("", "", false, Optional.empty(), points, bold, 0, Optional.empty(), Optional.empty());
            fill.colors()
                    .forEach(seen -> uses.use(
                            new Use(place, Purpose.BODY, seen.color(), seen.setting(), ground, Optional.of(written))));
        });
    }
}
