package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Walks through the colours of a deck slide by slide, as they are seen, whatever layout, master or theme they come from.
 */
final class DeckUses {
    private final Deck deck;
    private final Uses uses;
    private final Map<String, Node> tableStyles;
    private final Optional<Node> defaultText;
    /** A chart hangs on one slide; each is read once, whatever a damaged file says. */
    private final Set<String> charts = new HashSet<>();

    DeckUses(Deck deck, Uses uses) {
        this.deck = deck;
        this.uses = uses;
        this.tableStyles = deck.tableStyles();
        this.defaultText = deck.defaultText();
    }

    void walk() {
        int page = 0;
        for (String part : deck.slides()) {
            new Slide(++page, deck.slide(part)).walk();
        }
    }

    /** One slide, and what its shapes stand on. */
    private final class Slide {
        private final int page;
        private final DeckSheet sheet;

        Slide(int page, DeckSheet sheet) {
            this.page = page;
            this.sheet = sheet;
        }

        /** A deck may say nothing about its ground anywhere, and then it is the light one. */
        void walk() {
            Fill ground = sheet.background()
                    .filter(fill -> !(fill instanceof Fill.Clear))
                    .orElseGet(() -> new Fill.Painted(List.of(sheet.colors()
                            .slot("bg1", Optional.empty())
                            .orElseGet(() -> new Seen(Rgb.WHITE, new Setting.Implied())))));
            tell("", ColorUse.GROUND, ground.colors(), List.of());
            addAll(sheet.shapes(), ground.grounds(List.of()), new Fill.Clear());
        }

        private void tell(String thing, ColorUse what, List<Seen> colors, List<Rgb> grounds) {
            for (Seen seen : colors) {
                uses.use(new Use(Place.on(page, sheet.part(), thing), what, seen.color(), seen.setting(), grounds));
            }
        }

        private void addAll(List<Node> shapes, List<Rgb> grounds, Fill ofGroup) {
            for (Node shape : shapes) {
                switch (shape.name()) {
                    case "grpSp" -> {
                        Fill own = shape.child("grpSpPr")
                                .flatMap(properties -> fill(properties, ofGroup))
                                .orElse(ofGroup);
                        addAll(shape.children(), grounds, own);
                    }
                    case "sp", "cxnSp", "pic" -> addShape(shape, grounds, ofGroup);
                    case "graphicFrame" ->
                        shape.at("graphic", "graphicData").ifPresent(data -> addGraphic(shape, data, grounds));
                    default -> {
                        // Everything else about a sheet is not drawn.
                    }
                }
            }
        }

        private Optional<Fill> fill(Node properties, Fill ofGroup) {
            return properties.child("grpFill").isPresent()
                    ? Optional.of(ofGroup)
                    : Fill.in(properties, sheet.colors(), Optional.empty());
        }

        private void addShape(Node shape, List<Rgb> behind, Fill ofGroup) {
            Fill fill = fillOf(shape, ofGroup);
            addBox(name(shape), shape, new Box(fill, DeckText.inShape(sheet, shape, defaultText), behind));
            tell(name(shape), ColorUse.BORDER, lineOf(shape).colors(), behind);
        }

        /** What a shape or a cell is: filled, written in, and standing on something. */
        private record Box(Fill fill, DeckText text, List<Rgb> behind) {}

        private void addBox(String thing, Node holder, Box box) {
            List<Run> runs = runs(holder);
            ColorUse what = runs.isEmpty() ? ColorUse.GRAPHIC : ColorUse.GROUND;
            tell(thing, what, box.fill().colors(), box.behind());
            List<Rgb> grounds = box.fill().grounds(box.behind());
            runs.forEach(run -> tell(thing, ColorUse.TEXT, box.text().colors(run.paragraph(), run.node()), grounds));
        }

        private Fill fillOf(Node shape, Fill ofGroup) {
            return shape.child("spPr")
                    .flatMap(properties -> fill(properties, ofGroup))
                    .or(() -> shape.at("style", "fillRef")
                            .flatMap(reference -> sheet.theme().fill(reference, sheet.colors())))
                    .or(() -> sheet.behind(shape).stream()
                            .flatMap(other -> other.child("spPr").stream())
                            .flatMap(properties -> fill(properties, new Fill.Clear()).stream())
                            .findFirst())
                    .orElseGet(Fill.Clear::new);
        }

        private Fill lineOf(Node shape) {
            return line(shape)
                    .or(() -> shape.at("style", "lnRef")
                            .flatMap(reference -> sheet.theme().line(reference, sheet.colors())))
                    .or(() -> sheet.behind(shape).stream()
                            .flatMap(other -> line(other).stream())
                            .findFirst())
                    .orElseGet(Fill.Clear::new);
        }

        private Optional<Fill> line(Node shape) {
            return shape.at("spPr", "ln").flatMap(line -> Fill.in(line, sheet.colors(), Optional.empty()));
        }

        private void addGraphic(Node frame, Node data, List<Rgb> grounds) {
            data.child("tbl").ifPresent(table -> addTable(frame, table, grounds));
            data.child("chart")
                    .flatMap(chart -> OfficePackage.reference(chart.tag(), "id"))
                    .map(deck.parts().byId(sheet.part())::get)
                    .filter(deck.parts()::has)
                    .filter(charts::add)
                    .ifPresent(part -> addChart(part, grounds));
        }

        private void addTable(Node frame, Node node, List<Rgb> behind) {
            DeckTable table = new DeckTable(
                    sheet, node, DeckTable.styleId(node).flatMap(id -> Optional.ofNullable(tableStyles.get(id))));
            for (DeckTable.Cell cell : table.cells()) {
                DeckText text = DeckText.inCell(sheet, cell.node(), table.text(cell), defaultText);
                addBox(name(frame), cell.node(), new Box(table.fill(cell), text, behind));
                tell(name(frame), ColorUse.BORDER, table.edges(cell), behind);
            }
        }

        private void addChart(String part, List<Rgb> behind) {
            Node chart = PartTree.read(part, deck.parts().part(part));
            List<Rgb> grounds = chart.child("spPr")
                    .flatMap(properties -> Fill.in(properties, sheet.colors(), Optional.empty()))
                    .map(fill -> fill.grounds(behind))
                    .orElse(behind);
            for (DeckChart.Series series : new DeckChart(sheet.colors()).series(chart)) {
                tell(series.name(), ColorUse.GRAPHIC, series.colors(), grounds);
            }
        }
    }

    /** What is written in one piece. */
    private record Run(Node paragraph, Node node) {}

    private static List<Run> runs(Node holder) {
        List<Run> runs = new ArrayList<>();
        holder.child("txBody")
                .ifPresent(body -> body.children("p").forEach(paragraph -> {
                    for (Node node : paragraph.inside()) {
                        if (isWritten(node)) {
                            runs.add(new Run(paragraph, node));
                        }
                    }
                }));
        return runs;
    }

    private static boolean isWritten(Node node) {
        return (node.name().equals("r") || node.name().equals("fld"))
                && node.child("t").filter(text -> !text.text().isBlank()).isPresent();
    }

    private static String name(Node shape) {
        return shape.children().stream()
                .filter(child -> child.name().startsWith("nv"))
                .findFirst()
                .flatMap(node -> node.child("cNvPr"))
                .flatMap(node -> node.attribute("name"))
                .orElse("");
    }
}
