package app.zumbido.formats.tokens;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Lettering;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The brand as design tokens: its palette, and roles, themes and type that refer to it. Source: Design Tokens Format Module
 * 2025.10, 5 to 9; Color Module 2025.10, 4.
 */
public final class DesignTokens implements DeliveryWriter {
    private static final JsonMapper MAPPER = JsonMapper.shared();
    /** Between lines; of the letters' size. */
    private static final double LINE_HEIGHT = 1.4;

    @Override
    public String kind() {
        return "tokens";
    }

    @Override
    public String ending() {
        return ".tokens.json";
    }

    @Override
    public String mediaType() {
        return "application/json";
    }

    @Override
    public void write(Order order, OutputStream out) throws IOException {
        Brand brand = order.look().brand();
        out.write((tokens(brand).toPrettyString() + "\n").getBytes(StandardCharsets.UTF_8));
    }

    static ObjectNode tokens(Brand brand) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("$description", brand.name());
        Map<SwatchId, String> references = palette(root.putObject("palette"), brand);
        roles(root.putObject("roles"), brand, references);
        ObjectNode themes = root.putObject("themes");
        Set<String> taken = new HashSet<>();
        for (Theme theme : brand.themes().all()) {
            theme(themes.putObject(unique(theme.name(), taken)), theme, brand, references);
        }
        type(root.putObject("type"), brand);
        return root;
    }

    /** @return by swatch how others refer to it */
    private static Map<SwatchId, String> palette(ObjectNode group, Brand brand) {
        group.put("$type", "color");
        Map<SwatchId, String> references = new HashMap<>();
        Set<String> taken = new HashSet<>();
        for (Swatch swatch : brand.usable().swatches()) {
            String name = unique(swatch.name(), taken);
            ObjectNode token = group.putObject(name);
            token.set("$value", color(swatch.color()));
            if (!swatch.notes().note().isEmpty()) {
                token.put("$description", swatch.notes().note());
            }
            references.put(swatch.id(), "{palette." + name + "}");
        }
        return references;
    }

    private static JsonNode color(Rgb color) {
        ObjectNode value = MAPPER.createObjectNode();
        value.put("colorSpace", "srgb");
        value.putArray("components")
                .add(color.red() / 255.0)
                .add(color.green() / 255.0)
                .add(color.blue() / 255.0);
        return value.put("hex", color.hex().toLowerCase(Locale.ROOT));
    }

    private static void roles(ObjectNode group, Brand brand, Map<SwatchId, String> references) {
        group.put("$type", "color");
        for (Role role : Role.values()) {
            List<String> holders = brand.roles().of(role).stream()
                    .filter(references::containsKey)
                    .map(references::get)
                    .toList();
            for (int i = 0; i < holders.size(); i++) {
                String name = plain(role) + (holders.size() > 1 ? "-" + (i + 1) : "");
                ObjectNode token = group.putObject(name);
                token.put("$value", holders.get(i));
                String words = brand.roles().words().getOrDefault(role, "");
                if (!words.isEmpty()) {
                    token.put("$description", words);
                }
            }
        }
    }

    private static void theme(ObjectNode group, Theme theme, Brand brand, Map<SwatchId, String> references) {
        group.put("$type", "color");
        for (Map.Entry<ThemeSlot, Rgb> slot : theme.resolve(brand.palette()).entrySet()) {
            String reference = theme.get(slot.getKey())
                    .paint()
                    .filter(Paint.OfSwatch.class::isInstance)
                    .flatMap(Paint::follows)
                    .map(references::get)
                    .orElse(null);
            ObjectNode token = group.putObject(slot.getKey().code());
            if (reference == null) {
                token.set("$value", color(slot.getValue()));
            } else {
                token.put("$value", reference);
            }
        }
    }

    /** Sizes are those of the site; tracking is in ems, which a dimension cannot say, so it follows the size. */
    private static void type(ObjectNode group, Brand brand) {
        brand.type().roles().forEach((role, lettering) -> {
            ObjectNode token = group.putObject(plain(role));
            token.put("$type", "typography");
            ObjectNode value = token.putObject("$value");
            FontStack stack = FontStack.of(lettering);
            ArrayNode families = value.putArray("fontFamily");
            stack.families().forEach(families::add);
            families.add(stack.last().css());
            value.set("fontSize", pixels(lettering.sizes().site()));
            value.put("fontWeight", lettering.weight());
            value.set("letterSpacing", pixels(tracking(lettering)));
            value.put("lineHeight", LINE_HEIGHT);
        });
    }

    private static double tracking(Lettering lettering) {
        return Math.round(lettering.tracking() * lettering.sizes().site()) / 1000.0;
    }

    private static ObjectNode pixels(double value) {
        return MAPPER.createObjectNode().put("value", value).put("unit", "px");
    }

    private static String plain(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Names may hold anything but what references are made of, and do not begin with what properties begin with. */
    private static String unique(String name, Set<String> taken) {
        String plain = name.replaceAll("[{}.]", " ").strip();
        String safe = plain.isEmpty() ? "color" : plain.startsWith("$") ? "_" + plain : plain;
        String result = safe;
        for (int number = 2; !taken.add(result); number++) {
            result = safe + " " + number;
        }
        return result;
    }
}
