package app.zumbido.formats.text;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.guide.GuideNames;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Group;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.Theme;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.press.CoatedPress;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * Every code of the brand as plain text in columns, to be read and pasted from, and what its colours are for. What is
 * off-limits stands by itself at the end.
 */
public final class CodeSheet implements DeliveryWriter {
    /** How the sections of swatches begin; whoever reads it again goes by it. */
    static final String PALETTE = "Palette";

    /** What stands before the names of the swatches. */
    static final String SHORT_CODE = "Short code";

    @Override
    public String kind() {
        return "text";
    }

    @Override
    public String ending() {
        return "-codes.txt";
    }

    @Override
    public String mediaType() {
        return "text/plain;charset=UTF-8";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        out.write(write(order.look(), order.assets()).getBytes(StandardCharsets.UTF_8));
    }

    /** @return lines that end in a line feed */
    static String write(Look look, Assets assets) {
        Brand brand = look.brand();
        String code = brand.shortCode().map(letters -> letters + " ").orElse("");
        List<Section> sections = new ArrayList<>();
        for (Group group : brand.palette().groups()) {
            List<Row> rows = brand.roles().usable(brand.palette()).in(group).stream()
                    .map(swatch -> new Row(
                            code + swatch.name(), swatch.color(), swatch.notes().spotInk()))
                    .toList();
            if (!rows.isEmpty()) {
                sections.add(new Section(group.equals(Group.CORE) ? PALETTE : PALETTE + ", " + group.name(), rows));
            }
        }
        for (Theme theme : brand.themes().all()) {
            List<Row> rows = new ArrayList<>();
            theme.resolve(brand.palette()).forEach((slot, color) -> rows.add(new Row(GuideNames.of(slot), color, "")));
            String pages = theme.ground() == PageGround.DARK ? ", on dark pages" : "";
            sections.add(new Section("Theme " + theme.name() + pages, rows));
        }
        StringBuilder text = new StringBuilder(brand.name()).append("\n\n");
        sections.forEach(section -> append(text, section));
        text.append(FontLines.FONTS).append('\n');
        FontLines.of(brand.type(), assets)
                .forEach(line -> text.append("  ").append(line).append('\n'));
        brand.shortCode().ifPresent(letters -> appendLines(text, SHORT_CODE, List.of(letters)));
        BrandRules.of(brand).forEach((title, lines) -> appendLines(text, title, lines));
        return text.toString();
    }

    private static void appendLines(StringBuilder text, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            text.append('\n').append(title).append('\n');
            lines.forEach(line -> text.append("  ").append(line).append('\n'));
        }
    }

    private record Section(String title, List<Row> rows) {}

    /** @param spotInk empty if there is none */
    private record Row(String name, Rgb color, String spotInk) {
        List<String> cells() {
            return List.of(
                    name,
                    color.hex(),
                    ColorCode.rgbFunction(color),
                    ColorCode.hslFunction(color),
                    ColorCode.inks(CoatedPress.instance().toCmyk(color)),
                    ColorCode.labFunction(color),
                    ColorCode.lchFunction(color),
                    ColorCode.oklchFunction(color),
                    spotInk);
        }
    }

    private static void append(StringBuilder text, Section section) {
        text.append(section.title()).append('\n');
        List<List<String>> lines = section.rows().stream().map(Row::cells).toList();
        for (List<String> cells : lines) {
            StringBuilder line = new StringBuilder();
            for (int i = 0; i < cells.size(); i++) {
                int column = i;
                int width = lines.stream()
                        .mapToInt(other -> other.get(column).length())
                        .max()
                        .orElse(0);
                line.append("  ")
                        .append(cells.get(i))
                        .append(" ".repeat(width - cells.get(i).length()));
            }
            text.append(line.toString().stripTrailing()).append('\n');
        }
        text.append('\n');
    }
}
