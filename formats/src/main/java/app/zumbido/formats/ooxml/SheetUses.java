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
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.List;
import java.util.Optional;

/** One sheet of a workbook: its cells that hold something, its tab, conditions, tables and drawings. */
final class SheetUses {
    /** Beyond so many, cells that have no colour of their own are not told: they would fill the memory and say nothing. */
    private static final int MANY = 20_000;

    private final int number;
    private final String part;
    private final BookStyles styles;
    private final List<String> texts;
    private final OfficePackage parts;
    private final Uses uses;
    private final Standing page;
    private boolean headSeen;
    private int cells;

    SheetUses(int number, String part, BookStyles styles, List<String> texts, OfficePackage parts, Uses uses) {
        this.number = number;
        this.part = part;
        this.styles = styles;
        this.texts = texts;
        this.parts = parts;
        this.uses = uses;
        this.page = new Standing(On.PAGE, List.of(styles.slot(ThemeSlot.LIGHT_1).orElse(Rgb.WHITE)));
    }

    void piece(Node node) {
        switch (node.name()) {
            case "row" -> row(node);
            case "sheetPr" ->
                node.child("tabColor").flatMap(styles::color).ifPresent(seen -> tell("tab", Purpose.SHAPE_FILL, seen));
            case "conditionalFormatting" -> condition(node);
            case "tableParts" -> node.children("tablePart").forEach(this::table);
            case "drawing" ->
                OfficePackage.reference(node.tag(), "id")
                        .map(parts.byId(part)::get)
                        .filter(parts::has)
                        .ifPresent(drawing -> PartTree.read(drawing, parts.part(drawing))
                                .children()
                                .forEach(anchor -> drawn(anchor, drawing)));
            default -> {
                // Nothing else has a colour.
            }
        }
    }

    private void tell(String thing, Purpose purpose, Seen seen) {
        tell(thing, purpose, seen, page, Optional.empty());
    }

    private void tell(String thing, Purpose purpose, Seen seen, Standing standing, Optional<Written> written) {
        uses.use(new Use(Place.on(number, part, thing), purpose, seen.color(), seen.setting(), standing, written));
    }

    private void row(Node row) {
        List<Node> cells = row.children("c")
                .filter(cell -> cell.child("v").isPresent() || cell.child("is").isPresent())
                .toList();
        // The first row that is filled throughout heads what stands beneath it.
        boolean head = !headSeen
                && cells.size() > 1
                && cells.stream().allMatch(cell -> styles.fill(format(cell)).isPresent());
        headSeen = headSeen || head;
        cells.forEach(cell -> cell(cell, head));
    }

    private BookStyles.Format format(Node cell) {
        return styles.format(BookStyles.number(cell, "s").orElse(0));
    }

    private void cell(Node cell, boolean head) {
        BookStyles.Format format = format(cell);
        cells++;
        if (cells > MANY && isPlain(format)) {
            return;
        }
        String thing = cell.attribute("r").orElse("");
        Optional<Seen> fill = styles.fill(format);
        Standing standing =
                fill.map(seen -> new Standing(On.CELL, List.of(seen.color()))).orElse(page);
        Optional<BookStyles.Font> font = styles.font(format);
        Seen text = font.flatMap(BookStyles.Font::color)
                .orElseGet(() -> new Seen(styles.slot(ThemeSlot.DARK_1).orElse(Rgb.BLACK), new Setting.Implied()));
        Purpose purpose = switch (styles.rank(format)) {
            case 1 -> Purpose.TITLE;
            case 2 -> Purpose.SUBTITLE;
            default -> head ? Purpose.TABLE_HEAD_TEXT : Purpose.TABLE_TEXT;
        };
        tell(thing, purpose, text, standing, font.map(it -> it.written().saying(text(cell))));
        fill.ifPresent(seen -> tell(thing, head ? Purpose.TABLE_HEAD : Purpose.CELL_FILL, seen));
        styles.borders(format).forEach(seen -> tell(thing, Purpose.EDGE, seen, standing, Optional.empty()));
    }

    private boolean isPlain(BookStyles.Format format) {
        return styles.fill(format).isEmpty()
                && styles.borders(format).isEmpty()
                && styles.font(format).flatMap(BookStyles.Font::color).isEmpty();
    }

    private String text(Node cell) {
        boolean shared = cell.attribute("t").filter("s"::equals).isPresent();
        String value =
                cell.child("v").or(() -> cell.child("is")).map(Node::text).orElse("");
        if (!shared) {
            return value;
        }
        return Percent.number(value)
                .map(Double::intValue)
                .filter(index -> index >= 0 && index < texts.size())
                .map(texts::get)
                .orElse("");
    }

    private void condition(Node formatting) {
        String thing = formatting.attribute("sqref").orElse("");
        for (Node rule : formatting.children("cfRule").toList()) {
            BookStyles.number(rule, "dxfId").flatMap(styles::change).ifPresent(change -> {
                Standing standing = change.fill()
                        .map(seen -> new Standing(On.CELL, List.of(seen.color())))
                        .orElse(page);
                change.text().ifPresent(seen -> tell(thing, Purpose.TABLE_TEXT, seen, standing, Optional.empty()));
                change.fill().ifPresent(seen -> tell(thing, Purpose.CELL_FILL, seen));
            });
            rule.inside().stream()
                    .filter(node -> node.name().equals("color"))
                    .forEach(node -> styles.color(node).ifPresent(seen -> tell(thing, Purpose.CELL_FILL, seen)));
        }
    }

    private void table(Node reference) {
        Optional<Node> table = OfficePackage.reference(reference.tag(), "id")
                .map(parts.byId(part)::get)
                .filter(parts::has)
                .map(name -> PartTree.read(name, parts.part(name)));
        table.ifPresent(it -> {
            String thing = it.attribute("ref").orElse("table");
            String style = it.child("tableStyleInfo")
                    .flatMap(info -> info.attribute("name"))
                    .orElse("");
            styles.tableParts(style).forEach(one -> tablePart(thing, one));
        });
    }

    private void tablePart(String thing, BookStyles.TablePart one) {
        boolean head = one.type().equals("headerRow");
        Standing standing = one.change()
                .fill()
                .map(seen -> new Standing(On.CELL, List.of(seen.color())))
                .orElse(page);
        one.change()
                .text()
                .ifPresent(seen -> tell(
                        thing, head ? Purpose.TABLE_HEAD_TEXT : Purpose.TABLE_TEXT, seen, standing, Optional.empty()));
        one.change().fill().ifPresent(seen -> tell(thing, head ? Purpose.TABLE_HEAD : Purpose.TABLE_BAND, seen));
    }

    private void drawn(Node anchor, String drawing) {
        for (Node node : anchor.inside()) {
            Place place = Place.on(number, drawing, DeckSheet.name(node));
            switch (node.name()) {
                case "pic" ->
                    DrawnParts.picture(node, parts, drawing, place, page).ifPresent(uses::picture);
                case "sp", "cxnSp" -> new DrawnShape(styles.drawing(), uses).walk(node, place, page);
                case "chart" -> {
                    Place chart = Place.on(number, drawing, "chart");
                    DrawnParts.chart(node, parts, drawing)
                            .ifPresent(root -> new ChartUses(styles.drawing(), uses).walk(root, chart, page));
                }
                default -> {
                    // What holds them.
                }
            }
        }
    }
}
