package app.zumbido.formats.text;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** Every code of the brand as plain text in columns, to be read and pasted from. */
public final class CodeSheet {
    private static final Map<ThemeSlot, String> SLOT_NAMES = Map.ofEntries(
            Map.entry(ThemeSlot.DARK_1, "Dark 1"),
            Map.entry(ThemeSlot.LIGHT_1, "Light 1"),
            Map.entry(ThemeSlot.DARK_2, "Dark 2"),
            Map.entry(ThemeSlot.LIGHT_2, "Light 2"),
            Map.entry(ThemeSlot.ACCENT_1, "Accent 1"),
            Map.entry(ThemeSlot.ACCENT_2, "Accent 2"),
            Map.entry(ThemeSlot.ACCENT_3, "Accent 3"),
            Map.entry(ThemeSlot.ACCENT_4, "Accent 4"),
            Map.entry(ThemeSlot.ACCENT_5, "Accent 5"),
            Map.entry(ThemeSlot.ACCENT_6, "Accent 6"),
            Map.entry(ThemeSlot.HYPERLINK, "Hyperlink"),
            Map.entry(ThemeSlot.FOLLOWED_HYPERLINK, "Followed hyperlink"));

    private CodeSheet() {}

    /** @return lines that end in a line feed */
    public static String write(Brand brand) {
        String code = brand.shortCode().map(letters -> letters + " ").orElse("");
        List<Row> palette = new ArrayList<>();
        for (Swatch swatch : brand.palette().swatches()) {
            palette.add(new Row(code + swatch.name(), swatch.color()));
        }
        List<Row> theme = new ArrayList<>();
        brand.theme()
                .resolve(brand.palette())
                .forEach((slot, color) -> theme.add(new Row(SLOT_NAMES.get(slot), color)));
        int width = Stream.concat(palette.stream(), theme.stream())
                .mapToInt(row -> row.name().length())
                .max()
                .orElse(0);
        StringBuilder text = new StringBuilder(brand.name()).append("\n\n");
        append(text, "Palette", palette, width);
        append(text, "Theme " + brand.theme().name(), theme, width);
        text.append("Fonts\n");
        text.append("  Heading  ").append(brand.theme().fonts().heading()).append('\n');
        text.append("  Body     ").append(brand.theme().fonts().body()).append('\n');
        return text.toString();
    }

    private record Row(String name, Rgb color) {}

    private static void append(StringBuilder text, String title, List<Row> rows, int width) {
        text.append(title).append('\n');
        for (Row row : rows) {
            String padded = row.name() + " ".repeat(width - row.name().length());
            String columns = String.format(
                    Locale.ROOT,
                    "  %s  %s  %-16s  %s",
                    padded,
                    row.color().hex(),
                    ColorCode.rgbFunction(row.color()),
                    ColorCode.hslFunction(row.color()));
            text.append(columns).append('\n');
        }
        text.append('\n');
    }
}
