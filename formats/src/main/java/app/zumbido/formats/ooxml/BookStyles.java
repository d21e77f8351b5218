package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Written;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.poi.xssf.usermodel.DefaultIndexedColorMap;

/** What the cells of a workbook refer to: fonts, fills, borders, and what conditions and tables put over them. */
final class BookStyles {
    private static final double USUAL_POINTS = 11;
    /** Numbers of the styles that programs know as Title and as headings 1 to 4. Source: ECMA-376 Part 1, 18.8.7. */
    private static final int TITLE = 15;

    private static final int FIRST_HEADING = 16;
    private static final int LAST_HEADING = 19;

    private final Optional<FoundTheme> theme;
    private final List<Rgb> indexed = new ArrayList<>();
    private final List<Font> fonts = new ArrayList<>();
    private final List<Optional<Seen>> fills = new ArrayList<>();
    private final List<List<Seen>> borders = new ArrayList<>();
    private final List<Format> formats = new ArrayList<>();
    private final List<Change> changes = new ArrayList<>();
    private final Map<String, List<TablePart>> tables = new HashMap<>();
    private final Map<Integer, Integer> builtin = new HashMap<>();

    /** How a cell is written. */
    record Font(Optional<Seen> color, Written written) {}

    /**
     * What a cell refers to, each by its place in its list.
     *
     * @param style place of the named style that it began as
     */
    record Format(int font, int fill, int border, int style) {
        /** A workbook without formats has this one. */
        static final Format PLAIN = new Format(0, 0, 0, 0);
    }

    /** What a condition or a table puts over cells. */
    record Change(Optional<Seen> text, Optional<Seen> fill) {}

    /** @param type as in {@code headerRow}. Source: ECMA-376 Part 1, 18.8.83 */
    record TablePart(String type, Change change) {}

    BookStyles(OfficePackage parts, String main, Optional<FoundTheme> theme) {
        this.theme = theme;
        parts.targets(main, "styles").stream().filter(parts::has).findFirst().ifPresent(part -> {
            Node root = PartTree.read(part, parts.part(part));
            root.at("colors", "indexedColors")
                    .ifPresent(list -> list.children("rgbColor")
                            .forEach(color -> indexed.add(
                                    rgb(color.attribute("rgb").orElse("")).orElse(Rgb.BLACK))));
            list(root, "fonts").forEach(font -> fonts.add(font(font)));
            list(root, "fills").forEach(fill -> fills.add(fill(fill, "fgColor")));
            list(root, "borders")
                    .forEach(border -> borders.add(border.inside().stream()
                            .filter(node -> node.name().equals("color"))
                            .flatMap(color -> color(color).stream())
                            .toList()));
            list(root, "cellXfs").forEach(format -> formats.add(format(format)));
            list(root, "dxfs").forEach(change -> changes.add(change(change)));
            list(root, "cellStyles")
                    .forEach(style -> builtin.put(
                            number(style, "xfId").orElse(0),
                            number(style, "builtinId").orElse(-1)));
            list(root, "tableStyles").forEach(this::table);
        });
    }

    private static List<Node> list(Node root, String name) {
        return root.child(name).map(Node::children).orElse(List.of());
    }

    private Font font(Node font) {
        Optional<Node> name = font.child("name").or(() -> font.child("rFont"));
        boolean byHand = font.child("scheme").isEmpty();
        Optional<Node> size = font.child("sz");
        boolean bold = font.child("b")
                .filter(node -> node.attribute("val").filter("0"::equals).isEmpty())
                .isPresent();
        return new Font(
                font.child("color").flatMap(this::color),
                new Written(
                        "",
                        name.flatMap(node -> node.attribute("val")).orElse(""),
                        byHand,
                        name.flatMap(node -> node.tag().spot("val")),
                        size.flatMap(node -> node.attribute("val"))
                                .flatMap(Percent::number)
                                .orElse(USUAL_POINTS),
                        bold,
                        0,
                        Optional.empty(),
                        size.flatMap(node -> node.tag().spot("val"))));
    }

    /** A pattern is seen as its first colour; conditions write a plain fill into the second. */
    private Optional<Seen> fill(Node fill, String first) {
        Optional<Node> pattern = fill.child("patternFill");
        boolean none = pattern.flatMap(node -> node.attribute("patternType"))
                .filter(type -> type.equals("none"))
                .isPresent();
        return none
                ? Optional.empty()
                : pattern.flatMap(node -> node.child(first)).flatMap(this::color);
    }

    private Format format(Node format) {
        return new Format(
                number(format, "fontId").orElse(0),
                number(format, "fillId").orElse(0),
                number(format, "borderId").orElse(0),
                number(format, "xfId").orElse(0));
    }

    private Change change(Node change) {
        return new Change(
                change.at("font", "color").flatMap(this::color),
                change.child("fill").flatMap(fill -> fill(fill, "bgColor").or(() -> fill(fill, "fgColor"))));
    }

    private void table(Node style) {
        List<TablePart> parts = style.children("tableStyleElement")
                .flatMap(element -> number(element, "dxfId")
                        .filter(id -> id < changes.size())
                        .map(id -> new TablePart(element.attribute("type").orElse(""), changes.get(id)))
                        .stream())
                .toList();
        style.attribute("name").ifPresent(name -> tables.put(name, parts));
    }

    Format format(int number) {
        return number < formats.size() ? formats.get(number) : Format.PLAIN;
    }

    Optional<Font> font(Format format) {
        return at(fonts, format.font());
    }

    Optional<Seen> fill(Format format) {
        return at(fills, format.fill()).flatMap(seen -> seen);
    }

    List<Seen> borders(Format format) {
        return at(borders, format.border()).orElse(List.of());
    }

    Optional<Change> change(int number) {
        return at(changes, number);
    }

    /** @return what the style of a table says about its parts; none of one that the program brings along */
    List<TablePart> tableParts(String style) {
        return tables.getOrDefault(style, List.of());
    }

    /** @return 1 of a title, 2 of a heading, 0 of every other cell */
    int rank(Format format) {
        int number = builtin.getOrDefault(format.style(), -1);
        return number == TITLE ? 1 : number >= FIRST_HEADING && number <= LAST_HEADING ? 2 : 0;
    }

    private static <T> Optional<T> at(List<T> list, int index) {
        return index >= 0 && index < list.size() ? Optional.of(list.get(index)) : Optional.empty();
    }

    Optional<Rgb> slot(ThemeSlot slot) {
        return theme.map(found -> found.colors().get(slot));
    }

    DrawingColors drawing() {
        return DrawingColors.of(theme.map(FoundTheme::colors).orElse(Map.of()));
    }

    /** Source: ECMA-376 Part 1, 18.8.19 (color). */
    Optional<Seen> color(Node node) {
        double tint = node.attribute("tint").flatMap(BookStyles::fraction).orElse(0.0);
        return literal(node).or(() -> ofTheme(node)).map(seen -> new Seen(tinted(seen.color(), tint), seen.setting()));
    }

    private Optional<Seen> literal(Node node) {
        Optional<Spot> rgb = node.tag().spot("rgb");
        return node.attribute("rgb")
                .flatMap(BookStyles::rgb)
                .map(color -> new Seen(color, new Setting.ByHand(rgb)))
                .or(() -> number(node, "indexed")
                        .flatMap(this::indexed)
                        .map(color ->
                                new Seen(color, new Setting.ByHand(node.tag().spot("indexed")))));
    }

    /** The first two of eight digits are opacity, which spreadsheets ignore. */
    private static Optional<Rgb> rgb(String digits) {
        return ColorCode.parse(digits.length() == 8 ? digits.substring(2) : digits);
    }

    private Optional<Seen> ofTheme(Node node) {
        return number(node, "theme")
                .filter(index -> index < ThemeSlot.IN_WORKBOOKS.size())
                .map(ThemeSlot.IN_WORKBOOKS::get)
                .flatMap(slot -> slot(slot)
                        .map(color -> new Seen(
                                color, new Setting.OfTheme(slot, node.tag().spot("theme")))));
    }

    private Optional<Rgb> indexed(int index) {
        if (index < indexed.size()) {
            return Optional.of(indexed.get(index));
        }
        byte[] rgb = DefaultIndexedColorMap.getDefaultRGB(index);
        return rgb == null ? Optional.empty() : Optional.of(new Rgb(rgb[0] & 0xFF, rgb[1] & 0xFF, rgb[2] & 0xFF));
    }

    /** @return the number by which a workbook refers to the slot */
    static int numberOf(ThemeSlot slot) {
        return ThemeSlot.IN_WORKBOOKS.indexOf(slot);
    }

    /** Source: ECMA-376 Part 1, 18.8.3, attribute tint. */
    static Rgb tinted(Rgb color, double tint) {
        if (tint == 0) {
            return color;
        }
        Hsl hsl = Hsl.of(color);
        double lightness = hsl.lightness();
        return hsl.withLightness(tint < 0 ? lightness * (1 + tint) : lightness * (1 - tint) + tint)
                .toRgb();
    }

    static Optional<Integer> number(Node node, String name) {
        return node.attribute(name)
                .filter(text -> text.length() < 7 && text.chars().allMatch(c -> c >= '0' && c <= '9'))
                .map(Integer::valueOf);
    }

    private static Optional<Double> fraction(String text) {
        return Percent.number(text).filter(value -> value >= -1 && value <= 1);
    }
}
