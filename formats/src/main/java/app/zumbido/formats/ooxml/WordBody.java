package app.zumbido.formats.ooxml;

import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundPage;
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
import java.util.OptionalInt;
import java.util.Set;

/** Paragraphs, tables and drawings of a document, its headers and footers. Source: ECMA-376 Part 1, 17.3 and 17.4. */
final class WordBody {
    private static final Set<String> EDGES =
            Set.of("top", "left", "start", "bottom", "right", "end", "insideH", "insideV", "between", "bar");

    private final String part;
    private final boolean small;
    private final WordStyles styles;
    private final OfficePackage parts;
    private final Uses uses;
    private Standing ground;
    private int page = 1;
    private int paragraphs;

    /** @param small whether it is what stands at the edge of pages */
    WordBody(String part, boolean small, WordStyles styles, OfficePackage parts, Uses uses) {
        this.part = part;
        this.small = small;
        this.styles = styles;
        this.parts = parts;
        this.uses = uses;
        this.ground = new Standing(
                On.PAGE, List.of(styles.implied(ThemeSlot.LIGHT_1, Rgb.WHITE).color()));
    }

    /** What stands directly in the text. */
    void block(Node node) {
        if (node.name().equals("background")) {
            WordColor.of(node.tag(), "color", styles.slots()).ifPresent(seen -> {
                tell(Purpose.PAGE_GROUND, seen, ground);
                ground = new Standing(On.PAGE, List.of(seen.color()));
            });
        } else {
            block(node, new Around(ground, List.of(), Optional.empty()));
        }
    }

    /**
     * What a paragraph stands in.
     *
     * @param ofTable what the style of the table says, the most particular first
     * @param purpose of what is written; nothing: what its own style says
     */
    private record Around(Standing standing, List<Node> ofTable, Optional<Purpose> purpose) {}

    private void block(Node node, Around around) {
        switch (node.name()) {
            case "p" -> paragraph(node, around);
            case "tbl" -> table(node, around);
            case "sdt" ->
                node.child("sdtContent")
                        .ifPresent(content -> content.children().forEach(inside -> block(inside, around)));
            default -> {
                // Nothing else is seen.
            }
        }
    }

    private Place place(String thing) {
        Place place = small ? Place.of(part, thing) : Place.on(page, part, thing);
        return place.in(paragraphs);
    }

    private void tell(Purpose purpose, Seen seen, Standing standing) {
        tell(place(""), purpose, seen, standing, Optional.empty());
    }

    private void tell(Place place, Purpose purpose, Seen seen, Standing standing, Optional<Written> written) {
        uses.use(new Use(place, purpose, seen.color(), seen.setting(), standing, written));
    }

    private void paragraph(Node node, Around around) {
        paragraphs++;
        Optional<WordStyle> style = styles.paragraph(node);
        Place place = place(style.map(WordStyle::name).orElse(""));
        Optional<Node> own = node.child("pPr");
        List<Node> line = styles.line(style);
        Optional<Seen> shaded = own.flatMap(styles::shading)
                .or(() -> line.stream()
                        .flatMap(it -> it.child("pPr").flatMap(styles::shading).stream())
                        .findFirst());
        shaded.ifPresent(seen -> tell(place, Purpose.BOX_FILL, seen, around.standing(), Optional.empty()));
        own.flatMap(properties -> properties.child("pBdr"))
                .or(() -> line.stream()
                        .flatMap(it -> it.at("pPr", "pBdr").stream())
                        .findFirst())
                .ifPresent(borders -> edges(borders, place, around.standing()));
        Standing standing = shaded.map(seen -> new Standing(On.SHAPE, List.of(seen.color())))
                .orElse(around.standing());
        Purpose purpose = around.purpose().orElseGet(() -> purpose(style, shaded.isPresent()));
        runs(node, node, place, new Around(standing, around.ofTable(), Optional.of(purpose)));
    }

    private Purpose purpose(Optional<WordStyle> style, boolean shaded) {
        int rank = style.map(WordStyle::rank).orElse(0);
        if (small) {
            return Purpose.SMALL_PRINT;
        }
        if (rank == 1) {
            return Purpose.TITLE;
        }
        return rank > 1 ? Purpose.SUBTITLE : shaded ? Purpose.BOX_TEXT : Purpose.BODY;
    }

    private void edges(Node borders, Place place, Standing standing) {
        borders.children().stream()
                .filter(edge -> EDGES.contains(edge.name()))
                .forEach(edge -> WordColor.of(edge.tag(), "color", styles.slots())
                        .ifPresent(seen -> tell(place, Purpose.EDGE, seen, standing, Optional.empty())));
    }

    /** @param holder the paragraph, or a link in it and whatever else runs stand in */
    private void runs(Node holder, Node paragraph, Place place, Around around) {
        for (Node node : holder.children()) {
            switch (node.name()) {
                case "r" -> run(node, paragraph, place, around);
                case "hyperlink" ->
                    runs(
                            node,
                            paragraph,
                            place,
                            new Around(around.standing(), around.ofTable(), Optional.of(Purpose.LINK)));
                case "ins", "smartTag", "sdtContent", "fldSimple" -> runs(node, paragraph, place, around);
                case "sdt" -> node.child("sdtContent").ifPresent(it -> runs(it, paragraph, place, around));
                default -> {
                    // What was deleted, and marks without letters.
                }
            }
        }
    }

    private void run(Node run, Node paragraph, Place place, Around around) {
        StringBuilder text = new StringBuilder();
        for (Node node : run.children()) {
            switch (node.name()) {
                case "t" -> text.append(node.text());
                case "lastRenderedPageBreak" -> nextPage();
                case "br" -> {
                    if (node.attribute("type").filter("page"::equals).isPresent()) {
                        nextPage();
                    }
                }
                case "drawing", "pict", "object" -> drawing(node, place, around.standing());
                default -> {
                    // Tabs and fields have no colour of their own.
                }
            }
        }
        if (!text.toString().isBlank()) {
            written(run, paragraph, text.toString(), place, around);
        }
    }

    private void nextPage() {
        if (!small) {
            page++;
            uses.page(FoundPage.alone(page, ""));
        }
    }

    private void written(Node run, Node paragraph, String text, Place place, Around around) {
        List<Node> holders = styles.holders(paragraph, run, around.ofTable());
        Standing standing = around.standing();
        Optional<Seen> marked = run.child("rPr")
                .flatMap(styles::shading)
                .or(() -> run.at("rPr", "highlight")
                        .flatMap(node -> node.attribute("val"))
                        // One of sixteen named colours; no other can be put there. Source: ECMA-376 Part 1, 17.18.40.
                        .flatMap(NamedColors::find)
                        .map(color -> new Seen(color, new Setting.ByHand(Optional.empty()))));
        if (marked.isPresent()) {
            tell(place, Purpose.MARKED, marked.get(), standing, Optional.empty());
            standing = new Standing(On.SHAPE, List.of(marked.get().color()));
        }
        Purpose purpose = around.purpose().orElse(Purpose.BODY);
        Seen ink = holders.stream()
                .flatMap(holder -> styles.color(holder).stream())
                .findFirst()
                .orElseGet(() -> purpose == Purpose.LINK
                        ? styles.implied(ThemeSlot.HYPERLINK, Rgb.BLACK)
                        : styles.implied(ThemeSlot.DARK_1, Rgb.BLACK));
        tell(place, purpose, ink, standing, Optional.of(styles.written(holders, text)));
    }

    private void table(Node node, Around around) {
        Optional<WordStyle> style = styles.find(node.at("tblPr", "tblStyle").flatMap(it -> it.attribute("val")));
        WordTable table = new WordTable(node, styles.line(style));
        node.at("tblPr", "tblBorders").ifPresent(borders -> edges(borders, place("table"), around.standing()));
        for (WordTable.Cell cell : table.cells()) {
            Optional<Seen> fill = cell.node()
                    .child("tcPr")
                    .flatMap(styles::shading)
                    .or(() -> cell.styles().stream()
                            .flatMap(it -> it.child("tcPr").flatMap(styles::shading).stream())
                            .findFirst());
            Place place = place("table");
            Purpose filled =
                    cell.head() ? Purpose.TABLE_HEAD : cell.row() % 2 == 0 ? Purpose.TABLE_BAND : Purpose.CELL_FILL;
            fill.ifPresent(seen -> tell(place, filled, seen, around.standing(), Optional.empty()));
            cell.node().at("tcPr", "tcBorders").ifPresent(borders -> edges(borders, place, around.standing()));
            Standing standing = fill.map(seen -> new Standing(On.CELL, List.of(seen.color())))
                    .orElse(around.standing());
            Purpose purpose = cell.head() ? Purpose.TABLE_HEAD_TEXT : Purpose.TABLE_TEXT;
            Around inside = new Around(standing, cell.styles(), Optional.of(purpose));
            cell.node().children().forEach(block -> block(block, inside));
        }
    }

    private void drawing(Node drawing, Place place, Standing standing) {
        DrawingColors colors = DrawingColors.of(styles.slots());
        for (Node node : drawing.inside()) {
            Place here = place.at(OptionalInt.empty(), Optional.empty());
            switch (node.name()) {
                case "pic" ->
                    DrawnParts.picture(node, parts, part, here, standing).ifPresent(uses::picture);
                case "wsp", "sp" -> shape(node, colors, here, standing);
                case "chart" ->
                    DrawnParts.chart(node, parts, part)
                            .ifPresent(chart -> new ChartUses(colors, uses).walk(chart, here, standing));
                default -> old(node, here, standing);
            }
        }
    }

    private void shape(Node shape, DrawingColors colors, Place place, Standing behind) {
        Optional<Fill> fill = shape.child("spPr").flatMap(it -> Fill.in(it, colors, Optional.empty()));
        Optional<Node> text = shape.at("txbx", "txbxContent");
        fill.ifPresent(it -> it.colors()
                .forEach(seen -> tell(
                        place,
                        text.isPresent() ? Purpose.BOX_FILL : Purpose.SHAPE_FILL,
                        seen,
                        behind,
                        Optional.empty())));
        shape.at("spPr", "ln")
                .flatMap(line -> Fill.in(line, colors, Optional.empty()))
                .ifPresent(
                        it -> it.colors().forEach(seen -> tell(place, Purpose.EDGE, seen, behind, Optional.empty())));
        Standing standing = fill.filter(it -> !it.colors().isEmpty())
                .map(it -> new Standing(
                        On.SHAPE, it.colors().stream().map(Seen::color).toList()))
                .orElse(behind);
        text.ifPresent(content ->
                content.children().forEach(block -> block(block, new Around(standing, List.of(), Optional.empty()))));
    }

    /** Shapes in the older form. Source: ECMA-376 Part 4, 19.1. */
    private void old(Node node, Place place, Standing standing) {
        VmlColor.of(node, "fillcolor")
                .ifPresent(seen -> tell(place, Purpose.SHAPE_FILL, seen, standing, Optional.empty()));
        VmlColor.of(node, "strokecolor").ifPresent(seen -> tell(place, Purpose.EDGE, seen, standing, Optional.empty()));
    }
}
