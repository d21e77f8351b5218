package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;

/**
 * The ready fills and lines of a theme, which shapes refer to by number. Source: ECMA-376 Part 1, 20.1.4.1.14.
 */
final class DrawingTheme {
    /** Fills of grounds are counted from here. Source: ECMA-376 Part 1, 20.1.4.1.10. */
    private static final int GROUNDS = 1000;

    static final DrawingTheme NONE = new DrawingTheme(List.of(), List.of(), List.of(), "", "");

    private final List<Node> fills;
    private final List<Node> lines;
    private final List<Node> grounds;
    private final String heading;
    private final String body;

    private DrawingTheme(List<Node> fills, List<Node> lines, List<Node> grounds, String heading, String body) {
        this.fills = fills;
        this.lines = lines;
        this.grounds = grounds;
        this.heading = heading;
        this.body = body;
    }

    /** @param theme root of the part */
    static DrawingTheme of(Node theme) {
        Optional<Node> formats = theme.at("themeElements", "fmtScheme");
        return new DrawingTheme(
                list(formats, "fillStyleLst"),
                list(formats, "lnStyleLst"),
                list(formats, "bgFillStyleLst"),
                family(theme, "majorFont"),
                family(theme, "minorFont"));
    }

    private static String family(Node theme, String font) {
        return theme.at("themeElements", "fontScheme", font, "latin")
                .flatMap(latin -> latin.attribute("typeface"))
                .orElse("");
    }

    /** @param reference as in {@code +mj-lt}. Source: ECMA-376 Part 1, 20.1.10.81 @return empty if it names none */
    String family(String reference) {
        return reference.startsWith("+mj") ? heading : body;
    }

    private static List<Node> list(Optional<Node> formats, String name) {
        return formats.flatMap(node -> node.child(name)).map(Node::children).orElse(List.of());
    }

    /** @param reference as {@code fillRef} or {@code bgRef}, with the colour that the style leaves open */
    Optional<Fill> fill(Node reference, DrawingColors colors) {
        int number = number(reference);
        if (number == 0 || number == GROUNDS) {
            return Optional.of(new Fill.Clear());
        }
        Optional<Seen> given = colors.in(reference, Optional.empty());
        Optional<Node> style = number > GROUNDS ? at(grounds, number - GROUNDS) : at(fills, number);
        return style.flatMap(fill -> Fill.of(fill, colors, given));
    }

    /** @param reference {@code lnRef} */
    Optional<Fill> line(Node reference, DrawingColors colors) {
        Optional<Seen> given = colors.in(reference, Optional.empty());
        return at(lines, number(reference)).flatMap(line -> Fill.in(line, colors, given));
    }

    private static int number(Node reference) {
        return reference
                .attribute("idx")
                .flatMap(Percent::number)
                .map(Double::intValue)
                .orElse(0);
    }

    private static Optional<Node> at(List<Node> list, int number) {
        return number > 0 && number <= list.size() ? Optional.of(list.get(number - 1)) : Optional.empty();
    }
}
