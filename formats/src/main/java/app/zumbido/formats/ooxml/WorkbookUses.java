package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.poi.xssf.usermodel.DefaultIndexedColorMap;
import org.jspecify.annotations.Nullable;

/** Walks through the colours of the cells of a workbook that hold something. Source: ECMA-376 Part 1, 18.3.1.4 and 18.8. */
final class WorkbookUses {

    private final Uses uses;
    private final Optional<FoundTheme> theme;
    private final List<@Nullable Seen> fonts = new ArrayList<>();
    private final List<@Nullable Seen> fills = new ArrayList<>();
    private final List<List<Seen>> borders = new ArrayList<>();
    private final List<Format> formats = new ArrayList<>();

    /** What a cell refers to, each by its place in its list. */
    private record Format(int font, int fill, int border) {
        /** A workbook without formats has this one. */
        static final Format PLAIN = new Format(0, 0, 0);
    }

    WorkbookUses(Uses uses, Optional<FoundTheme> theme) {
        this.uses = uses;
        this.theme = theme;
    }

    void walk(OfficePackage parts, String main) {
        parts.targets(main, "styles").forEach(part -> PartXml.read(part, parts.part(part), new Styles()));
        int page = 0;
        for (String sheet : sheets(parts, main)) {
            PartXml.read(sheet, parts.part(sheet), new Cells(sheet, ++page));
        }
    }

    /** @return the parts of the sheets in the order of their tabs. Source: ECMA-376 Part 1, 18.2.20 */
    private static List<String> sheets(OfficePackage parts, String main) {
        Map<String, String> targets = parts.byId(main);
        Set<String> worksheets = Set.copyOf(parts.targets(main, "worksheet"));
        Set<String> sheets = new LinkedHashSet<>();
        PartXml.read(main, parts.part(main), tag -> {
            if (tag.name().equals("sheet")) {
                OfficePackage.reference(tag, "id")
                        .map(targets::get)
                        .filter(worksheets::contains)
                        .ifPresent(sheets::add);
            }
        });
        return List.copyOf(sheets);
    }

    private void tell(Place place, Format format) {
        Optional<Seen> fill = at(fills, format.fill());
        Rgb ground = fill.map(Seen::color).orElseGet(() -> slot(ThemeSlot.LIGHT_1, Rgb.WHITE));
        Seen text = at(fonts, format.font())
                .orElseGet(() -> new Seen(slot(ThemeSlot.DARK_1, Rgb.BLACK), new Setting.Implied()));
        tell(place, ColorUse.TEXT, text, List.of(ground));
        fill.ifPresent(seen -> tell(place, ColorUse.GROUND, seen, List.of()));
        if (format.border() < borders.size()) {
            borders.get(format.border()).forEach(seen -> tell(place, ColorUse.BORDER, seen, List.of(ground)));
        }
    }

    private void tell(Place place, ColorUse what, Seen seen, List<Rgb> grounds) {
        uses.use(Use.of(place, what, seen.color(), seen.setting(), grounds));
    }

    private static Optional<Seen> at(List<@Nullable Seen> colors, int index) {
        return index < colors.size() ? Optional.ofNullable(colors.get(index)) : Optional.empty();
    }

    private Rgb slot(ThemeSlot slot, Rgb otherwise) {
        return theme.map(found -> found.colors().get(slot)).orElse(otherwise);
    }

    private Optional<Seen> color(Tag tag) {
        double tint = tag.attribute("tint").flatMap(WorkbookUses::fraction).orElse(0.0);
        return literal(tag).or(() -> ofTheme(tag)).map(seen -> new Seen(tinted(seen.color(), tint), seen.setting()));
    }

    private static Optional<Seen> literal(Tag tag) {
        Optional<Rgb> written = tag.attribute("rgb")
                // The first two of eight digits are opacity, which spreadsheets ignore.
                .map(digits -> digits.length() == 8 ? digits.substring(2) : digits)
                .flatMap(ColorCode::parse);
        return written.map(color -> new Seen(color, new Setting.ByHand(tag.spot("rgb"))))
                .or(() -> number(tag, "indexed")
                        .flatMap(WorkbookUses::indexed)
                        .map(color -> new Seen(color, new Setting.ByHand(tag.spot("indexed")))));
    }

    private Optional<Seen> ofTheme(Tag tag) {
        return number(tag, "theme")
                .filter(index -> index < ThemeSlot.IN_WORKBOOKS.size())
                .map(ThemeSlot.IN_WORKBOOKS::get)
                .flatMap(slot -> theme.map(found -> found.colors().get(slot))
                        .map(color -> new Seen(color, new Setting.OfTheme(slot, tag.spot("theme")))));
    }

    /** @return the number by which a workbook refers to the slot */
    static int numberOf(ThemeSlot slot) {
        return ThemeSlot.IN_WORKBOOKS.indexOf(slot);
    }

    private static Optional<Rgb> indexed(int index) {
        byte[] rgb = DefaultIndexedColorMap.getDefaultRGB(index);
        return rgb == null ? Optional.empty() : Optional.of(new Rgb(rgb[0] & 0xFF, rgb[1] & 0xFF, rgb[2] & 0xFF));
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

    private static Optional<Integer> number(Tag tag, String name) {
        return tag.attribute(name)
                .filter(text -> text.length() < 6 && text.chars().allMatch(c -> c >= '0' && c <= '9'))
                .map(Integer::valueOf);
    }

    private static Optional<Double> fraction(String text) {
        try {
            double value = Double.parseDouble(text);
            return value >= -1 && value <= 1 ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private final class Styles implements PartXml.Handler {
        /** The list that is being read: fonts, fills, borders, cellXfs, or another one. */
        private String list = "";

        private List<Seen> border = new ArrayList<>();

        @Override
        public void start(Tag tag) {
            switch (tag.name()) {
                case "fonts", "fills", "borders", "cellXfs", "cellStyleXfs", "dxfs" -> list = tag.name();
                case "font" -> add("fonts", fonts);
                case "fill" -> add("fills", fills);
                case "border" -> {
                    if (list.equals("borders")) {
                        border = new ArrayList<>();
                        borders.add(border);
                    }
                }
                case "color" -> {
                    if (list.equals("fonts")) {
                        color(tag).ifPresent(color -> fonts.set(fonts.size() - 1, color));
                    } else if (list.equals("borders")) {
                        color(tag).ifPresent(border::add);
                    }
                }
                case "fgColor" -> {
                    if (list.equals("fills") && !fills.isEmpty()) {
                        color(tag).ifPresent(color -> fills.set(fills.size() - 1, color));
                    }
                }
                case "xf" -> {
                    if (list.equals("cellXfs")) {
                        formats.add(new Format(
                                number(tag, "fontId").orElse(0),
                                number(tag, "fillId").orElse(0),
                                number(tag, "borderId").orElse(0)));
                    }
                }
                default -> {
                    // Everything else about a style is not colour.
                }
            }
        }

        private void add(String owner, List<@Nullable Seen> colors) {
            if (list.equals(owner)) {
                colors.add(null);
            }
        }
    }

    private final class Cells implements PartXml.Handler {
        private final String part;
        private final int page;
        private String cell = "";
        private int format;

        Cells(String part, int page) {
            this.part = part;
            this.page = page;
        }

        @Override
        public void start(Tag tag) {
            if (tag.name().equals("c")) {
                cell = tag.attribute("r").orElse("");
                format = number(tag, "s").orElse(0);
            } else if (tag.name().equals("v") || tag.name().equals("is")) {
                tell(Place.on(page, part, cell), format < formats.size() ? formats.get(format) : Format.PLAIN);
            }
        }
    }
}
