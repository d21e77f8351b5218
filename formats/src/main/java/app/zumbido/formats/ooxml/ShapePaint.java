package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;

/**
 * What shapes are filled and edged with: said by themselves, by a style of the theme, or by what they follow.
 *
 * @param slide whose colours count, also for what layout and master draw on it
 */
record ShapePaint(DeckSheet slide) {
    /** @return nothing: these properties say nothing about it */
    Optional<Fill> fill(Node properties, Fill ofGroup) {
        return properties.child("grpFill").isPresent()
                ? Optional.of(ofGroup)
                : Fill.in(properties, slide.colors(), Optional.empty());
    }

    /** @param behind the placeholders that the shape follows, the nearest first */
    Fill fillOf(Node shape, List<Node> behind, Fill ofGroup) {
        return shape.child("spPr")
                .flatMap(properties -> fill(properties, ofGroup))
                .or(() -> shape.at("style", "fillRef")
                        .flatMap(reference -> slide.theme().fill(reference, slide.colors())))
                .or(() -> behind.stream()
                        .flatMap(other -> other.child("spPr").stream())
                        .flatMap(properties -> fill(properties, new Fill.Clear()).stream())
                        .findFirst())
                .orElseGet(() -> shape.name().equals("pic") ? new Fill.OfPicture() : new Fill.Clear());
    }

    /** @param behind the placeholders that the shape follows, the nearest first */
    Fill lineOf(Node shape, List<Node> behind) {
        return line(shape)
                .or(() -> shape.at("style", "lnRef")
                        .flatMap(reference -> slide.theme().line(reference, slide.colors())))
                .or(() -> behind.stream().flatMap(other -> line(other).stream()).findFirst())
                .orElseGet(Fill.Clear::new);
    }

    private Optional<Fill> line(Node shape) {
        return shape.at("spPr", "ln").flatMap(line -> Fill.in(line, slide.colors(), Optional.empty()));
    }
}
