package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A slide, or the layout or master that it takes the rest from. Source: ECMA-376 Part 1, 19.3.1.
 *
 * @param root first element of the part
 * @param placeholders shapes that stand for others or are stood for, also those in groups
 * @param colors the theme's, as the sheet maps them
 * @param parent the layout of a slide, the master of a layout
 */
record DeckSheet(
        String part,
        Node root,
        List<Node> placeholders,
        DrawingColors colors,
        DrawingTheme theme,
        Optional<DeckSheet> parent) {
    /** Which kind of a master's placeholders stands behind those of slides. Source: ECMA-376 Part 1, 19.7.10. */
    private static final Map<String, String> ON_MASTER =
            Map.of("ctrTitle", "title", "subTitle", "body", "obj", "body", "", "body");

    /** Whether what lies behind a sheet is drawn on it. Source: ECMA-376 Part 1, 19.3.1.38 and 19.3.1.39. */
    static final String SHOWS_BEHIND = "showMasterSp";

    static DeckSheet of(String part, Node root, DrawingColors colors, DrawingTheme theme, Optional<DeckSheet> parent) {
        List<Node> placeholders = shapesOf(root).stream()
                .flatMap(DeckSheet::withInside)
                .filter(shape -> placeholder(shape).isPresent())
                .toList();
        return new DeckSheet(part, root, placeholders, colors, theme, parent);
    }

    /** Slides, layouts and masters hold them in their common data, a diagram's drawing by itself. */
    private static List<Node> shapesOf(Node root) {
        return root.at("cSld", "spTree")
                .or(() -> root.child("spTree"))
                .map(Node::children)
                .orElse(List.of());
    }

    /** @return shapes and groups of them, from the back to the front */
    List<Node> shapes() {
        return shapesOf(root);
    }

    /** @return this one and those behind it, the master last */
    List<DeckSheet> line() {
        List<DeckSheet> line = new ArrayList<>(List.of(this));
        parent.ifPresent(sheet -> line.addAll(sheet.line()));
        return line;
    }

    /** Whether nothing of layout and master is drawn on it but what it fills itself. */
    boolean hidesBehind() {
        return root.attribute(SHOWS_BEHIND)
                .filter(value -> value.equals("0") || value.equals("false"))
                .isPresent();
    }

    /** @return layout and master, as far as their own graphics are drawn on it, the master first */
    List<DeckSheet> behindIt() {
        List<DeckSheet> behind = new ArrayList<>();
        DeckSheet sheet = this;
        while (!sheet.hidesBehind() && sheet.parent().isPresent()) {
            sheet = sheet.parent().get();
            behind.add(0, sheet);
        }
        return behind;
    }

    DeckSheet master() {
        return parent.map(DeckSheet::master).orElse(this);
    }

    /** @return what lies behind everything; nothing if nobody says it */
    Optional<Fill> background() {
        return line().stream()
                .flatMap(sheet -> sheet.ownBackground(this).stream())
                .findFirst();
    }

    /** A ground that comes from the master is seen in the colours of the slide. */
    private Optional<Fill> ownBackground(DeckSheet seenFrom) {
        Optional<Node> background = root.at("cSld", "bg");
        return background
                .flatMap(node -> node.child("bgPr"))
                .flatMap(node -> Fill.in(node, seenFrom.colors(), Optional.empty()))
                .or(() -> background
                        .flatMap(node -> node.child("bgRef"))
                        .flatMap(reference -> theme.fill(reference, seenFrom.colors())));
    }

    /** @return the shapes of a diagram as a sheet that takes the rest from this one */
    DeckSheet drawing(String drawingPart, Node drawing) {
        return new DeckSheet(drawingPart, drawing, List.of(), colors, theme, Optional.of(this));
    }

    static String name(Node shape) {
        return properties(shape).flatMap(node -> node.attribute("name")).orElse("");
    }

    /** @return the number by which the sheet knows the shape */
    static OptionalInt number(Node shape) {
        return properties(shape).flatMap(node -> node.attribute("id")).flatMap(Percent::number).stream()
                .mapToInt(Double::intValue)
                .findFirst();
    }

    private static Optional<Node> properties(Node shape) {
        return shape.children().stream()
                .filter(child -> child.name().startsWith("nv"))
                .findFirst()
                .flatMap(node -> node.child("cNvPr"));
    }

    /** @return {@code ph}, if the shape stands for one of the layout */
    static Optional<Node> placeholder(Node shape) {
        return shape.children().stream()
                .filter(child -> child.name().startsWith("nv"))
                .findFirst()
                .flatMap(node -> node.at("nvPr", "ph"));
    }

    /** @return the kind of placeholder, as a master has it; empty of a shape that is none */
    static String kind(Node placeholder) {
        String type = placeholder.attribute("type").orElse("");
        return ON_MASTER.getOrDefault(type, type);
    }

    /** @return the shapes of layout and master that one of this sheet takes the rest from, the nearest first */
    List<Node> behind(Node shape) {
        List<Node> found = new ArrayList<>();
        Optional<Node> wanted = placeholder(shape);
        if (wanted.isEmpty()) {
            return found;
        }
        for (DeckSheet sheet : line().subList(1, line().size())) {
            Optional<Node> match = wanted.flatMap(sheet::match);
            match.ifPresent(found::add);
            // The layout knows the kind where the slide names only the number.
            wanted = match.flatMap(DeckSheet::placeholder).or(() -> Optional.empty());
        }
        return found;
    }

    private Optional<Node> match(Node wanted) {
        Optional<Node> byNumber = parent.isEmpty()
                ? Optional.empty()
                : wanted.attribute("idx")
                        .flatMap(number -> first(own ->
                                own.attribute("idx").filter(number::equals).isPresent()));
        return byNumber.or(() -> first(own -> kind(own).equals(kind(wanted))));
    }

    private Optional<Node> first(Predicate<Node> matches) {
        return placeholders.stream()
                .filter(shape -> placeholder(shape).filter(matches).isPresent())
                .findFirst();
    }

    private static Stream<Node> withInside(Node shape) {
        return shape.name().equals("grpSp")
                ? shape.children().stream().flatMap(DeckSheet::withInside)
                : Stream.of(shape);
    }
}
