package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The sheets of a presentation, and how they hang on each other. Source: ECMA-376 Part 1, 13.3. */
final class Deck {
    /** Ten inches by seven and a half, as programs begin. Common practice, no published source. */
    private static final double USUAL_WIDTH = 9_144_000;

    private static final double USUAL_HEIGHT = 6_858_000;

    private final OfficePackage parts;
    private final String main;
    private final Node presentation;
    /** Many slides share a layout, and layouts a master; slides may be read beside each other. */
    private final Map<String, DeckSheet> layouts = new ConcurrentHashMap<>();

    private final Map<String, DeckSheet> masters = new ConcurrentHashMap<>();

    Deck(OfficePackage parts, String main) {
        this.parts = parts;
        this.main = main;
        this.presentation = PartTree.read(main, parts.part(main));
    }

    OfficePackage parts() {
        return parts;
    }

    /** @return parts of the slides in their order, each once whatever a damaged list says */
    List<String> slides() {
        Map<String, String> targets = parts.byId(main);
        return presentation.child("sldIdLst").stream()
                .flatMap(list -> list.children("sldId"))
                .flatMap(slide -> OfficePackage.reference(slide.tag(), "id").stream())
                .map(targets::get)
                .filter(part -> part != null && parts.has(part))
                .distinct()
                .toList();
    }

    /** @return its width and height in English Metric Units; those of the standard where it says nothing */
    SlideFrames frames() {
        Optional<Node> size = presentation.child("sldSz");
        return SlideFrames.of(
                length(size, "cx").orElse(USUAL_WIDTH), length(size, "cy").orElse(USUAL_HEIGHT));
    }

    private static Optional<Double> length(Optional<Node> size, String name) {
        return size.flatMap(node -> node.attribute(name))
                .flatMap(Percent::number)
                .filter(length -> length > 0);
    }

    /** @return styles of text for every level that nothing else says anything about */
    Optional<Node> defaultText() {
        return presentation.child("defaultTextStyle");
    }

    /** @return the styles of tables, by their ids. Source: ECMA-376 Part 1, 20.1.4.2.27 */
    Map<String, Node> tableStyles() {
        Map<String, Node> styles = new HashMap<>();
        for (String part : parts.targets(main, "tableStyles")) {
            PartTree.read(part, parts.part(part))
                    .children("tblStyle")
                    .forEach(style -> style.attribute("styleId").ifPresent(id -> styles.put(id, style)));
        }
        return styles;
    }

    DeckSheet slide(String part) {
        Optional<DeckSheet> layout =
                target(part, "slideLayout").map(name -> layouts.computeIfAbsent(name, this::layout));
        return sheet(part, layout);
    }

    DeckSheet layout(String part) {
        return sheet(part, target(part, "slideMaster").map(name -> masters.computeIfAbsent(name, this::master)));
    }

    private DeckSheet master(String part) {
        Node root = PartTree.read(part, parts.part(part));
        Optional<String> themePart = target(part, "theme");
        DrawingColors colors = DrawingColors.of(themePart
                .map(name -> ThemeReader.read(name, parts.part(name)).colors())
                .orElse(Map.of()));
        DrawingColors mapped = root.child("clrMap").map(colors::mapped).orElse(colors);
        DrawingTheme theme = themePart
                .map(name -> DrawingTheme.of(PartTree.read(name, parts.part(name))))
                .orElse(DrawingTheme.NONE);
        return DeckSheet.of(part, root, mapped, theme, Optional.empty());
    }

    /** @return parts of the masters with the elements that name them, in their order */
    Map<String, Node> masters() {
        Map<String, String> targets = parts.byId(main);
        Map<String, Node> named = new LinkedHashMap<>();
        presentation.child("sldMasterIdLst").stream()
                .flatMap(list -> list.children("sldMasterId"))
                .forEach(master -> OfficePackage.reference(master.tag(), "id")
                        .map(targets::get)
                        .filter(parts::has)
                        .ifPresent(part -> named.putIfAbsent(part, master)));
        return named;
    }

    private DeckSheet sheet(String part, Optional<DeckSheet> parent) {
        Node root = PartTree.read(part, parts.part(part));
        DrawingColors colors = parent.map(DeckSheet::colors).orElse(DrawingColors.of(Map.of()));
        return DeckSheet.of(
                part,
                root,
                root.at("clrMapOvr", "overrideClrMapping").map(colors::mapped).orElse(colors),
                parent.map(DeckSheet::theme).orElse(DrawingTheme.NONE),
                parent);
    }

    private Optional<String> target(String part, String type) {
        return parts.targets(part, type).stream().filter(parts::has).findFirst();
    }
}
