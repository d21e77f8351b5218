package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Written;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * How something on a slide is written: as the run itself, its paragraph, the shape, the layout, the master, or the
 * presentation says, whoever says it first. Source: ECMA-376 Part 1, 21.1.2.3, 21.1.2.4 and 19.3.1.52.
 */
final class DeckText {
    /** What is written where nobody says a size; points. Source: ECMA-376 Part 1, 21.1.2.3.9 (sz). */
    private static final double USUAL_POINTS = 18;

    private static final double HUNDREDTHS = 100;
    private static final String HEADING = "+mj-lt";

    private final DeckSheet slide;
    private final List<Node> lists;
    private final Optional<Node> reference;
    private final Optional<Seen> ofStyle;
    private final List<Node> last;
    private final double scale;
    /** Asked for by every run. */
    private final Map<Integer, Level> levels = new HashMap<>();

    /** What is said about the runs of a level, as far as anybody says it. */
    private record Level(Optional<Node> typeface, Optional<Double> size, Optional<String> bold, Seen color) {}

    /**
     * @param lists styles of lists that come first, the nearest first
     * @param reference what the style of the shape says about letters
     * @param ofStyle the colour that it, or the table, says
     * @param last styles of lists that come after it
     * @param scale by which the letters are made smaller to fit
     */
    private DeckText(
            DeckSheet slide,
            List<Node> lists,
            Optional<Node> reference,
            Optional<Seen> ofStyle,
            List<Node> last,
            double scale) {
        this.slide = slide;
        this.lists = lists;
        this.reference = reference;
        this.ofStyle = ofStyle;
        this.last = last;
        this.scale = scale;
    }

    /** @param behind the shapes of layout and master that it takes the rest from */
    static DeckText inShape(DeckSheet slide, Node shape, List<Node> behind, Optional<Node> defaults) {
        List<Node> lists = new ArrayList<>();
        shape.at("txBody", "lstStyle").ifPresent(lists::add);
        behind.forEach(other -> other.at("txBody", "lstStyle").ifPresent(lists::add));
        Optional<Node> reference = shape.at("style", "fontRef");
        Optional<Seen> ofStyle = reference.flatMap(node -> slide.colors().in(node, Optional.empty()));
        double scale = shape.at("txBody", "bodyPr", "normAutofit")
                .flatMap(fit -> fit.attribute("fontScale"))
                .flatMap(Percent::fraction)
                .orElse(1.0);
        return new DeckText(slide, lists, reference, ofStyle, last(slide, kind(shape, behind), defaults), scale);
    }

    static DeckText inCell(DeckSheet slide, Node cell, Optional<Seen> ofTable, Optional<Node> defaults) {
        List<Node> lists = cell.at("txBody", "lstStyle").stream().toList();
        return new DeckText(slide, lists, Optional.empty(), ofTable, last(slide, Optional.empty(), defaults), 1);
    }

    /** Whether a cell says something about its letters beside its runs. */
    static boolean saysItself(Node cell) {
        return cell.at("txBody", "lstStyle")
                .filter(list -> !list.children().isEmpty())
                .isPresent();
    }

    /** @return the kind of placeholder that the shape is, as a master has it; nothing of one that is none */
    static Optional<String> kind(Node shape, List<Node> behind) {
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
        return own.map(Fill::colors).orElseGet(() -> List.of(level(paragraph).color()));
    }

    /** A link takes the theme's colour, unless an addition to the standard asks for that of the text. */
    static boolean isLink(Node properties) {
        return properties
                .child("hlinkClick")
                .filter(link -> link.inside().stream()
                        .noneMatch(node -> node.name().equals("hlinkClr")
                                && node.attribute("val").filter("tx"::equals).isPresent()))
                .isPresent();
    }

    private Level level(Node paragraph) {
        return levels.computeIfAbsent(number(paragraph), this::level);
    }

    private static int number(Node paragraph) {
        return 1
                + paragraph
                        .child("pPr")
                        .flatMap(node -> node.attribute("lvl"))
                        .flatMap(Percent::number)
                        .map(Double::intValue)
                        .orElse(0);
    }

    private Level level(int number) {
        List<Node> first = properties(lists, number);
        List<Node> then = properties(last, number);
        List<Node> holders = Stream.concat(first.stream(), then.stream()).toList();
        return new Level(
                first(holders, DeckText::typeface),
                first(holders, DeckText::size),
                first(holders, DeckText::bold),
                first(first, this::color)
                        .or(() -> ofStyle)
                        .or(() -> first(then, this::color))
                        .or(() -> slide.colors().slot("tx1", Optional.empty()))
                        .orElseGet(() -> new Seen(Rgb.BLACK, new Setting.Implied())));
    }

    private static Optional<Node> typeface(Node properties) {
        return properties.child("latin");
    }

    private static Optional<Double> size(Node properties) {
        return properties.attribute("sz").flatMap(Percent::number);
    }

    private static Optional<String> bold(Node properties) {
        return properties.attribute("b");
    }

    private Optional<Seen> color(Node properties) {
        return Fill.in(properties, slide.colors(), Optional.empty())
                .flatMap(fill -> fill.colors().stream().findFirst());
    }

    /** @return properties of runs of that level, the nearest first */
    private static List<Node> properties(List<Node> styles, int level) {
        List<Node> found = new ArrayList<>();
        for (Node style : styles) {
            for (String name : List.of("lvl" + level + "pPr", "defPPr")) {
                style.child(name).flatMap(node -> node.child("defRPr")).ifPresent(found::add);
            }
        }
        return found;
    }

    /** @return how the run is written */
    Written written(Node paragraph, Node run) {
        Level level = level(paragraph);
        Optional<Node> own = run.child("rPr");
        Optional<Node> typeface = own.flatMap(DeckText::typeface).or(level::typeface);
        String named = typeface.flatMap(node -> node.attribute("typeface")).orElseGet(this::referred);
        double points = own.flatMap(DeckText::size)
                .or(level::size)
                .map(size -> size / HUNDREDTHS)
                .orElse(USUAL_POINTS);
        boolean bold = own.flatMap(DeckText::bold)
                .or(level::bold)
                .filter(flag -> flag.equals("1") || flag.equals("true"))
                .isPresent();
        boolean byHand = !named.startsWith("+");
        Optional<Spot> size = own.flatMap(node -> node.tag().spot("sz"));
        return new Written(
                run.child("t").map(Node::text).orElse(""),
                byHand ? named : slide.theme().family(named),
                byHand && !named.isEmpty(),
                typeface.flatMap(node -> node.tag().spot("typeface")),
                points * scale,
                bold,
                0,
                Optional.empty(),
                size);
    }

    private String referred() {
        return reference
                .flatMap(node -> node.attribute("idx"))
                .map(index -> index.equals("major") ? HEADING : "+mn-lt")
                .orElse("+mn-lt");
    }

    private static <T> Optional<T> first(List<Node> holders, Function<Node, Optional<T>> asked) {
        for (Node node : holders) {
            Optional<T> said = asked.apply(node);
            if (said.isPresent()) {
                return said;
            }
        }
        return Optional.empty();
    }
}
