package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Purpose;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Standing;
import app.zumbido.core.inspect.Standing.On;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;

/** A shape on a sheet of a workbook, which has no layout behind it. Source: ECMA-376 Part 1, 20.5.2.29. */
final class DrawnShape {
    private static final double USUAL_POINTS = 11;

    private final DrawingColors colors;
    private final Uses uses;

    DrawnShape(DrawingColors colors, Uses uses) {
        this.colors = colors;
        this.uses = uses;
    }

    void walk(Node shape, Place place, Standing behind) {
        List<Node> runs = shape.child("txBody").stream()
                .flatMap(body -> body.inside().stream())
                .filter(node -> node.name().equals("r"))
                .filter(run ->
                        run.child("t").filter(text -> !text.text().isBlank()).isPresent())
                .toList();
        List<Seen> fill = shape.child("spPr")
                .flatMap(properties -> Fill.in(properties, colors, Optional.empty()))
                .map(Fill::colors)
                .orElseGet(() -> ofStyle(shape, "fillRef"));
        tell(place, runs.isEmpty() ? Purpose.SHAPE_FILL : Purpose.BOX_FILL, fill, behind, Optional.empty());
        List<Seen> line = shape.at("spPr", "ln")
                .flatMap(properties -> Fill.in(properties, colors, Optional.empty()))
                .map(Fill::colors)
                .orElseGet(() -> ofStyle(shape, "lnRef"));
        tell(place, Purpose.EDGE, line, behind, Optional.empty());
        Standing standing = fill.isEmpty()
                ? behind
                : new Standing(On.SHAPE, fill.stream().map(Seen::color).toList());
        Purpose written = fill.isEmpty() ? Purpose.BODY : Purpose.BOX_TEXT;
        for (Node run : runs) {
            tell(place, written, ink(shape, run), standing, Optional.of(written(run)));
        }
    }

    private List<Seen> ofStyle(Node shape, String reference) {
        return shape
                .at("style", reference)
                .filter(node -> node.attribute("idx").filter("0"::equals).isEmpty())
                .flatMap(node -> colors.in(node, Optional.empty()))
                .stream()
                .toList();
    }

    private List<Seen> ink(Node shape, Node run) {
        return run.child("rPr")
                .flatMap(properties -> Fill.in(properties, colors, Optional.empty()))
                .map(Fill::colors)
                .orElseGet(() -> {
                    List<Seen> ofStyle = ofStyle(shape, "fontRef");
                    return ofStyle.isEmpty()
                            ? List.of(new Seen(
                                    colors.slots().getOrDefault(ThemeSlot.DARK_1, Rgb.BLACK), new Setting.Implied()))
                            : ofStyle;
                });
    }

    private static Written written(Node run) {
        Optional<Node> properties = run.child("rPr");
        Optional<Node> latin = properties.flatMap(node -> node.child("latin"));
        String family = latin.flatMap(node -> node.attribute("typeface")).orElse("");
        boolean byHand = !family.isEmpty() && !family.startsWith("+");
        return new Written(
                run.child("t").map(Node::text).orElse(""),
                byHand ? family : "",
                byHand,
                latin.flatMap(node -> node.tag().spot("typeface")),
                properties
                        .flatMap(node -> node.attribute("sz"))
                        .flatMap(Percent::number)
                        .map(size -> size / 100)
                        .orElse(USUAL_POINTS),
                properties
                        .flatMap(node -> node.attribute("b"))
                        .filter("1"::equals)
                        .isPresent(),
                0,
                Optional.empty(),
                properties.flatMap(node -> node.tag().spot("sz")));
    }

    private void tell(Place place, Purpose purpose, List<Seen> seen, Standing standing, Optional<Written> written) {
        seen.forEach(color -> uses.use(new Use(place, purpose, color.color(), color.setting(), standing, written)));
    }
}
