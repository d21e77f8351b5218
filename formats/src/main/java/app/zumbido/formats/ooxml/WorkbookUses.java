package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.xssf.usermodel.DefaultIndexedColorMap;
import org.jspecify.annotations.Nullable;

/** Colours of the cells of a workbook that hold something. Source: ECMA-376 Part 1, 18.3.1.4 and 18.8. */
final class WorkbookUses {
    /** A theme is referred to by number, light before dark. Source: ECMA-376 Part 1, 18.8.3. */
    private static final List<ThemeSlot> BY_NUMBER = List.of(
            ThemeSlot.LIGHT_1,
            ThemeSlot.DARK_1,
            ThemeSlot.LIGHT_2,
            ThemeSlot.DARK_2,
            ThemeSlot.ACCENT_1,
            ThemeSlot.ACCENT_2,
            ThemeSlot.ACCENT_3,
            ThemeSlot.ACCENT_4,
            ThemeSlot.ACCENT_5,
            ThemeSlot.ACCENT_6,
            ThemeSlot.HYPERLINK,
            ThemeSlot.FOLLOWED_HYPERLINK);

    private final Inventory.Tally tally;
    private final Optional<FoundTheme> theme;
    private final List<@Nullable Rgb> fonts = new ArrayList<>();
    private final List<@Nullable Rgb> fills = new ArrayList<>();
    private final List<List<Rgb>> borders = new ArrayList<>();
    private final List<Format> formats = new ArrayList<>();

    /** What a cell refers to, each by its place in its list. */
    private record Format(int font, int fill, int border) {}

    WorkbookUses(Inventory.Tally tally, Optional<FoundTheme> theme) {
        this.tally = tally;
        this.theme = theme;
    }

    void count(OfficePackage parts, String main) {
        parts.targets(main, "styles").forEach(part -> PartXml.read(parts.part(part), new Styles()));
        Map<Integer, Integer> cells = new HashMap<>();
        parts.targets(main, "worksheet").forEach(part -> PartXml.read(parts.part(part), new Cells(cells)));
        cells.forEach((format, times) -> {
            if (format < formats.size()) {
                count(formats.get(format), times);
            }
        });
    }

    private void count(Format format, int times) {
        Rgb text = at(fonts, format.font()).orElseGet(() -> slot(ThemeSlot.DARK_1, Rgb.BLACK));
        Optional<Rgb> fill = at(fills, format.fill());
        tally.use(text, ColorUse.TEXT, times);
        fill.ifPresent(color -> tally.use(color, ColorUse.GROUND, times));
        tally.combine(text, fill.orElseGet(() -> slot(ThemeSlot.LIGHT_1, Rgb.WHITE)), times);
        if (format.border() < borders.size()) {
            borders.get(format.border()).forEach(color -> tally.use(color, ColorUse.BORDER, times));
        }
    }

    private static Optional<Rgb> at(List<@Nullable Rgb> colors, int index) {
        return index < colors.size() ? Optional.ofNullable(colors.get(index)) : Optional.empty();
    }

    private Rgb slot(ThemeSlot slot, Rgb otherwise) {
        return theme.map(found -> found.colors().get(slot)).orElse(otherwise);
    }

    private Optional<Rgb> color(XMLStreamReader element) {
        Optional<Rgb> base = PartXml.attribute(element, "rgb")
                // The first two of eight digits are opacity, which spreadsheets ignore.
                .map(digits -> digits.length() == 8 ? digits.substring(2) : digits)
                .flatMap(ColorCode::parse)
                .or(() -> number(element, "theme")
                        .filter(index -> index < BY_NUMBER.size())
                        .flatMap(index -> theme.map(found -> found.colors().get(BY_NUMBER.get(index)))))
                .or(() -> number(element, "indexed").flatMap(WorkbookUses::indexed));
        double tint = PartXml.attribute(element, "tint")
                .flatMap(WorkbookUses::fraction)
                .orElse(0.0);
        return base.map(color -> tinted(color, tint));
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

    private static Optional<Integer> number(XMLStreamReader element, String name) {
        return PartXml.attribute(element, name)
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

        private List<Rgb> border = new ArrayList<>();

        @Override
        public void start(String name, XMLStreamReader element) {
            switch (name) {
                case "fonts", "fills", "borders", "cellXfs", "cellStyleXfs", "dxfs" -> list = name;
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
                        color(element).ifPresent(color -> fonts.set(fonts.size() - 1, color));
                    } else if (list.equals("borders")) {
                        color(element).ifPresent(border::add);
                    }
                }
                case "fgColor" -> {
                    if (list.equals("fills") && !fills.isEmpty()) {
                        color(element).ifPresent(color -> fills.set(fills.size() - 1, color));
                    }
                }
                case "xf" -> {
                    if (list.equals("cellXfs")) {
                        formats.add(new Format(
                                number(element, "fontId").orElse(0),
                                number(element, "fillId").orElse(0),
                                number(element, "borderId").orElse(0)));
                    }
                }
                default -> {
                    // Everything else about a style is not colour.
                }
            }
        }

        private void add(String owner, List<@Nullable Rgb> colors) {
            if (list.equals(owner)) {
                colors.add(null);
            }
        }
    }

    /** Counts cells with a value by their format. */
    private static final class Cells implements PartXml.Handler {
        private final Map<Integer, Integer> counts;
        private int format;

        Cells(Map<Integer, Integer> counts) {
            this.counts = counts;
        }

        @Override
        public void start(String name, XMLStreamReader element) {
            if (name.equals("c")) {
                format = number(element, "s").orElse(0);
            } else if (name.equals("v") || name.equals("is")) {
                counts.merge(format, 1, Integer::sum);
            }
        }
    }
}
