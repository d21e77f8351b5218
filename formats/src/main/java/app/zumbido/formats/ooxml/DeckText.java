package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The colour of what is written on a slide: of the run itself, its paragraph, the shape, the layout, the master, or the
 * presentation, whoever says it first. Source: ECMA-376 Part 1, 21.1.2.3, 21.1.2.4 and 19.3.1.52.
 */
final class DeckText {
    private final DeckSheet slide;
    private final List<Node> lists;
    private final Optional<Seen> ofStyle;
    private final List<Node> last;

    /**
     * @param lists styles of lists that come first, the nearest first
     * @param ofStyle what the style of the shape or the table says
     * @param last styles of lists that come after it
     */
    private DeckText(DeckSheet slide, List<Node> lists, Optional<Seen> ofStyle, List<Node> last) {
        this.slide = slide;
        this.lists = lists;
        this.ofStyle = ofStyle;
        this.last = last;
    }

    static DeckText inShape(DeckSheet slide, Node shape, Optional<Node> defaults) {
        List<Node> lists = new ArrayList<>();
        shape.at("txBody", "lstStyle").ifPresent(lists::add);
        List<Node> behind = slide.behind(shape);
        behind.forEach(other -> other.at("txBody", "lstStyle").ifPresent(lists::add));
        Optional<Seen> ofStyle =
                shape.at("style", "fontRef").flatMap(reference -> slide.colors().in(reference, Optional.empty()));
        return new DeckText(slide, lists, ofStyle, last(slide, kind(shape, behind), defaults));
    }

    static DeckText inCell(DeckSheet slide, Node cell, Optional<Seen> ofTable, Optional<Node> defaults) {
        List<Node> lists = cell.at("txBody", "lstStyle").stream().toList();
        return new DeckText(slide, lists, ofTable, last(slide, Optional.empty(), defaults));
    }

    private static Optional<String> kind(Node shape, List<Node> behind) {
        List<Node> all = new ArrayList<>(List.of(shape));
        all.addAll(behind);
        Optional<Node> named = all.stream()
                .flatMap(node -> DeckSheet.placeholder(node).stream())
                .filter(placeholder -> placeholder.attribute("type").isPresent())
                .findFirst();
        return named.or(() -> DeckSheet.placeholder(shape)).map(DeckSheet::kind);
    }

    private static List<Node> last(DeckSheet slide, Optional<String> kind, Optional<Node> defaults) {
        String style = kind.map(DeckText::styleFor).orElse("otherStyle");
        List<Node> last = new ArrayList<>();
        if (kind.isEmpty()) {
            defaults.ifPresent(last::add);
        }
        slide.master().root().at("txStyles", style).ifPresent(last::add);
        return last;
    }

    private static String styleFor(String kind) {
        return switch (kind) {
            case "title" -> "titleStyle";
            case "dt", "ftr", "sldNum", "hdr" -> "otherStyle";
            default -> "bodyStyle";
        };
    }

    /** @return nothing of a run that is not seen; several of one that is filled with a gradient */
    List<Seen> colors(Node paragraph, Node run) {
        Optional<Node> properties = run.child("rPr");
        Optional<Seen> link = properties
                .filter(DeckText::isLink)
                .flatMap(node -> slide.colors().slot("hlink", Optional.empty()));
        if (link.isPresent()) {
            return List.of(link.get());
        }
        Optional<Fill> own = properties.flatMap(node -> Fill.in(node, slide.colors(), Optional.empty()));
        return own.map(Fill::colors).orElseGet(() -> List.of(inherited(level(paragraph))));
    }

    /** A link takes the theme's colour, unless an addition to the standard asks for that of the text. */
    private static boolean isLink(Node properties) {
        return properties
                .child("hlinkClick")
                .filter(link -> link.inside().stream()
                        .noneMatch(node -> node.name().equals("hlinkClr")
                                && node.attribute("val").filter("tx"::equals).isPresent()))
                .isPresent();
    }

    private static int level(Node paragraph) {
        return 1
                + paragraph
                        .child("pPr")
                        .flatMap(node -> node.attribute("lvl"))
                        .flatMap(Percent::number)
                        .map(Double::intValue)
                        .orElse(0);
    }

    private Seen inherited(int level) {
        return first(lists, level)
                .or(() -> ofStyle)
                .or(() -> first(last, level))
                .or(() -> slide.colors().slot("tx1", Optional.empty()))
                .orElseGet(() -> new Seen(Rgb.BLACK, new Setting.Implied()));
    }

    private Optional<Seen> first(List<Node> styles, int level) {
        return styles.stream()
                .flatMap(style -> style
                        .child("lvl" + level + "pPr")
                        .flatMap(this::ofLevel)
                        .or(() -> style.child("defPPr").flatMap(this::ofLevel))
                        .stream())
                .findFirst();
    }

    private Optional<Seen> ofLevel(Node level) {
        return level.child("defRPr")
                .flatMap(node -> Fill.in(node, slide.colors(), Optional.empty()))
                .flatMap(fill -> fill.colors().stream().findFirst());
    }
}
