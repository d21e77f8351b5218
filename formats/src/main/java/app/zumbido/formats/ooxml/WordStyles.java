package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** How a document is written where runs do not say it themselves. Source: ECMA-376 Part 1, 17.7. */
final class WordStyles {
    /** What is written where nobody says a size; points. Source: ECMA-376 Part 1, 17.3.2.38 (sz). */
    private static final double USUAL_POINTS = 10;

    private final Map<String, WordStyle> styles = new HashMap<>();
    private final Optional<FoundTheme> theme;
    private Optional<Node> defaults = Optional.empty();
    private Optional<WordStyle> usual = Optional.empty();

    WordStyles(OfficePackage parts, String main, Optional<FoundTheme> theme) {
        this.theme = theme;
        parts.targets(main, "styles").stream().filter(parts::has).forEach(part -> {
            Node root = PartTree.read(part, parts.part(part));
            root.children("style").map(WordStyle::of).forEach(style -> styles.put(style.id(), style));
            usual = root.children("style")
                    .filter(style -> isUsualParagraph(style))
                    .map(WordStyle::of)
                    .findFirst();
            defaults = root.at("docDefaults", "rPrDefault", "rPr");
        });
    }

    private static boolean isUsualParagraph(Node style) {
        return style.attribute("type").filter("paragraph"::equals).isPresent()
                && style.attribute("default")
                        .filter(flag -> flag.equals("1") || flag.equals("true"))
                        .isPresent();
    }

    Optional<WordStyle> find(Optional<String> id) {
        return id.map(styles::get);
    }

    /** @return the style of the paragraph, or the usual one */
    Optional<WordStyle> paragraph(Node paragraph) {
        return find(paragraph.at("pPr", "pStyle").flatMap(node -> node.attribute("val")))
                .or(() -> usual);
    }

    /** @return a style and what it is based on, the nearest first */
    List<Node> line(Optional<WordStyle> style) {
        return style.map(it -> it.line(styles).stream().map(WordStyle::node).toList())
                .orElse(List.of());
    }

    /**
     * @param ofTable what the style of the table says, the most particular first
     * @return properties that say how a run is written, the nearest first
     */
    List<Node> holders(Node paragraph, Node run, List<Node> ofTable) {
        List<Node> holders = new ArrayList<>();
        run.child("rPr").ifPresent(holders::add);
        Stream.concat(
                        line(find(run.at("rPr", "rStyle").flatMap(node -> node.attribute("val")))).stream(),
                        line(paragraph(paragraph)).stream())
                .flatMap(style -> style.child("rPr").stream())
                .forEach(holders::add);
        ofTable.stream().flatMap(part -> part.child("rPr").stream()).forEach(holders::add);
        defaults.ifPresent(holders::add);
        return holders;
    }

    Optional<Seen> color(Node holder) {
        // A fill of its own hides the colour. An addition to the standard, as programs write it.
        Optional<Seen> filled = holder.at("textFill", "solidFill")
                .flatMap(fill -> DrawingColors.of(slots()).in(fill, Optional.empty()));
        return filled.or(() -> holder.child("color").flatMap(color -> WordColor.of(color.tag(), "val", slots())));
    }

    Optional<Seen> shading(Node holder) {
        return holder.child("shd").flatMap(shading -> WordColor.of(shading.tag(), "fill", slots()));
    }

    Map<ThemeSlot, Rgb> slots() {
        return theme.map(FoundTheme::colors).orElse(Map.of());
    }

    Seen implied(ThemeSlot slot, Rgb otherwise) {
        return new Seen(slots().getOrDefault(slot, otherwise), new Setting.Implied());
    }

    Written written(List<Node> holders, String text) {
        Optional<Node> fonts = first(
                holders,
                node -> node.child("rFonts")
                        .filter(it -> it.attribute("ascii").isPresent()
                                || it.attribute("asciiTheme").isPresent()));
        Optional<String> reference = fonts.flatMap(node -> node.attribute("asciiTheme"));
        Optional<String> named = fonts.flatMap(node -> node.attribute("ascii"));
        String family = reference.map(this::ofTheme).or(() -> named).orElse("");
        double points = first(
                        holders,
                        node -> node.child("sz")
                                .flatMap(size -> size.attribute("val"))
                                .flatMap(Percent::number))
                .map(halves -> halves / 2)
                .orElse(USUAL_POINTS);
        boolean bold = first(holders, node -> node.child("b"))
                .filter(node -> node.attribute("val")
                        .filter(value -> value.equals("0") || value.equals("false"))
                        .isEmpty())
                .isPresent();
        boolean byHand = reference.isEmpty() && named.isPresent();
        Optional<Spot> size = holders.stream()
                .findFirst()
                .flatMap(own -> own.child("sz"))
                .flatMap(node -> node.tag().spot("val"));
        return new Written(
                text,
                family,
                byHand,
                byHand ? fonts.flatMap(node -> node.tag().spot("ascii")) : Optional.empty(),
                points,
                bold,
                0,
                Optional.empty(),
                size);
    }

    private String ofTheme(String reference) {
        Optional<FontPair> pair = theme.flatMap(FoundTheme::fonts);
        return pair.map(fonts -> (reference.startsWith("major") ? fonts.heading() : fonts.body()).name())
                .orElse("");
    }

    private static <T> Optional<T> first(List<Node> holders, Function<Node, Optional<T>> asked) {
        return holders.stream().flatMap(node -> asked.apply(node).stream()).findFirst();
    }
}
