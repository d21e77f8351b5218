package app.zumbido.formats.text;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.press.CoatedPress;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The palette as a table, a swatch a line, for workbooks and for whatever reads tables. Source: RFC 4180. It begins with a byte
 * order mark, without which workbooks take letters for others.
 */
public final class CodeTable implements DeliveryWriter {
    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final String LINE_END = "\r\n";
    /** What workbooks take for a formula when a cell begins so. */
    private static final String FORMULAS = "=+-@\t\r";

    private static final List<String> HEAD = List.of(
            "Name", "Group", "Hex", "Red", "Green", "Blue", "HSL", "CMYK", "Lab", "OKLCH", "Roles", "Spot ink", "Note");

    @Override
    public String kind() {
        return "csv";
    }

    @Override
    public String ending() {
        return "-codes.csv";
    }

    @Override
    public String mediaType() {
        return "text/csv;charset=UTF-8";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        Brand brand = order.look().brand();
        String lines = Stream.concat(
                        Stream.of(HEAD), brand.usable().swatches().stream().map(swatch -> cells(brand, swatch)))
                .map(cells -> cells.stream().map(CodeTable::cell).collect(Collectors.joining(",")) + LINE_END)
                .collect(Collectors.joining());
        out.write((BYTE_ORDER_MARK + lines).getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> cells(Brand brand, Swatch swatch) {
        Rgb color = swatch.color();
        String name = brand.shortCode().map(code -> code + " ").orElse("") + swatch.name();
        return List.of(
                name,
                swatch.group().name(),
                color.hex(),
                String.valueOf(color.red()),
                String.valueOf(color.green()),
                String.valueOf(color.blue()),
                ColorCode.hslFunction(color),
                ColorCode.inks(CoatedPress.instance().toCmyk(color)),
                ColorCode.labFunction(color),
                ColorCode.oklchFunction(color),
                roles(brand, swatch),
                swatch.notes().spotInk(),
                swatch.notes().note());
    }

    private static String roles(Brand brand, Swatch swatch) {
        return Arrays.stream(Role.values())
                .filter(role -> brand.roles().of(role).contains(swatch.id()))
                .map(role -> role.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                .collect(Collectors.joining("; "));
    }

    /** A cell that would be a formula is a text: a mark before it says so, as workbooks have it. */
    private static String cell(String value) {
        String safe = !value.isEmpty() && FORMULAS.indexOf(value.charAt(0)) >= 0 ? "'" + value : value;
        boolean quoted = !safe.equals(value) || safe.chars().anyMatch(c -> ",\"\r\n".indexOf(c) >= 0);
        return quoted ? "\"" + safe.replace("\"", "\"\"") + "\"" : safe;
    }
}
