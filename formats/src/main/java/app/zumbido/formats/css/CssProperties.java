package app.zumbido.formats.css;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PlainWord;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * The brand as CSS custom properties, with rules for what stands in for its fonts. Source: W3C CSS Custom Properties for Cascading Variables Module Level 1, 2.
 * Names are plain letters, digits and hyphens, never empty, and each comes once.
 */
public final class CssProperties implements DeliveryWriter {
    @Override
    public String kind() {
        return "css";
    }

    @Override
    public String ending() {
        return ".css";
    }

    @Override
    public String mediaType() {
        return "text/css;charset=UTF-8";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        out.write(write(order.look(), order.assets()).getBytes(StandardCharsets.UTF_8));
    }

    /** @return a stylesheet with one rule on {@code :root} and those for fonts; what is off-limits is not in it */
    static String write(Look look, Assets assets) {
        Brand brand = look.brand();
        Set<String> taken = new HashSet<>();
        List<String> lines = new ArrayList<>();
        lines.add("/* " + comment(brand.name()) + ": palette and theme */");
        lines.add(":root {");
        swatches(brand, taken).forEach((name, color) -> lines.add(property(name, color)));
        look.colors()
                .forEach((slot, color) ->
                        lines.add(property(unique(prefix(brand) + "theme-" + plain(slot), taken), color)));
        Map<String, Rgb> page = CssPage.of(look);
        boolean named = page.keySet().stream().noneMatch(name -> taken.contains(prefix(brand) + name));
        if (named) {
            page.forEach((name, color) -> lines.add(property(unique(prefix(brand) + name, taken), color)));
        }
        brand.type().roles().forEach((role, lettering) -> {
            String name = unique(prefix(brand) + "font-" + plain(role), taken);
            CssType.properties(lettering, assets.letters(role))
                    .forEach(property -> lines.add("  --" + name + property.ending() + ": " + property.value() + ";"));
        });
        lines.add("}");
        if (named) {
            lines.addAll(CssPage.turned(look, prefix(brand)));
        }
        brand.type()
                .roles()
                .forEach((role, lettering) -> assets.letters(role)
                        .flatMap(letters -> CssType.standIn(lettering, letters))
                        .filter(rule -> !lines.contains(rule))
                        .ifPresent(lines::add));
        return String.join("\n", lines) + "\n";
    }

    /** @return the colours of the palette that may be used, by the names that they have in stylesheets */
    public static Map<String, Rgb> swatches(Brand brand) {
        return swatches(brand, new HashSet<>());
    }

    private static Map<String, Rgb> swatches(Brand brand, Set<String> taken) {
        Map<String, Rgb> named = new LinkedHashMap<>();
        for (Swatch swatch : brand.usable().swatches()) {
            named.put(unique(prefix(brand) + PlainWord.of(swatch.name(), "swatch"), taken), swatch.color());
        }
        return named;
    }

    private static String property(String name, Rgb color) {
        return "  --" + name + ": " + color.hex() + "; /* " + ColorCode.oklchFunction(color) + " */";
    }

    private static String prefix(Brand brand) {
        return brand.shortCode().map(code -> PlainWord.of(code, "brand") + "-").orElse("");
    }

    private static String plain(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String unique(String name, Set<String> taken) {
        String result = name;
        for (int number = 2; !taken.add(result); number++) {
            result = name + "-" + number;
        }
        return result;
    }

    private static String comment(String text) {
        return text.replace("*/", "* /");
    }

    /** Source: W3C CSS Object Model, 2.1, 'serialize a string'. */
    static String string(String text) {
        StringBuilder result = new StringBuilder("\"");
        text.codePoints().forEach(c -> {
            if (c < 0x20 || c == 0x7F) {
                result.append('\\').append(Integer.toHexString(c)).append(' ');
            } else {
                if (c == '"' || c == '\\') {
                    result.append('\\');
                }
                result.appendCodePoint(c);
            }
        });
        return result.append('"').toString();
    }
}
