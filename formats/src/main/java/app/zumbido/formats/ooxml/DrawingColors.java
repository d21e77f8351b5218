package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Hsl;
import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The colours of drawings. Source: ECMA-376 Part 1, 20.1.2.3.
 *
 * @param slots what the slots of the theme hold
 * @param map which slot is meant by a name, as the master or what overrides it says; names that are missing mean
 *     themselves
 */
record DrawingColors(Map<ThemeSlot, Rgb> slots, Map<String, ThemeSlot> map) {
    private static final Set<String> KINDS = Set.of("srgbClr", "scrgbClr", "sysClr", "prstClr", "hslClr", "schemeClr");

    /** A colour of the theme's own styles that whoever uses the style gives. */
    private static final String GIVEN = "phClr";

    /** @param element name of an element, without its prefix */
    static boolean isColor(String element) {
        return KINDS.contains(element);
    }

    static DrawingColors of(Map<ThemeSlot, Rgb> slots) {
        return new DrawingColors(slots, Map.of());
    }

    /** @param element {@code clrMap} or {@code overrideClrMapping}. Source: ECMA-376 Part 1, 19.3.1.6 and 20.1.6.8 */
    DrawingColors mapped(Node element) {
        Map<String, ThemeSlot> names = new HashMap<>();
        element.tag()
                .attributes()
                .forEach(attribute ->
                        ThemeSlot.ofCode(attribute.value()).ifPresent(slot -> names.put(attribute.name(), slot)));
        return new DrawingColors(slots, names);
    }

    /** @param parent what holds the colour. */
    Optional<Seen> in(Node parent, Optional<Seen> given) {
        for (Node child : parent.children()) {
            if (isColor(child.name())) {
                return of(child, given);
            }
        }
        return Optional.empty();
    }

    private Optional<Seen> of(Node element, Optional<Seen> given) {
        String value = element.attribute("val").orElse("");
        if (element.name().equals("schemeClr")) {
            return value.equals(GIVEN)
                    ? given.map(seen -> changed(seen, element))
                    : slot(value, element.tag().spot("val")).map(seen -> changed(seen, element));
        }
        return literal(element, value)
                .map(color -> changed(new Seen(color, new Setting.ByHand(spot(element))), element));
    }

    /** @param name as in {@code tx1} or {@code accent2} */
    Optional<Seen> slot(String name, Optional<Spot> spot) {
        return Optional.ofNullable(map.get(name))
                .or(() -> SlotNames.find(name))
                .flatMap(slot -> Optional.ofNullable(slots.get(slot))
                        .map(color -> new Seen(color, new Setting.OfTheme(slot, spot))));
    }

    private static Optional<Spot> spot(Node element) {
        return element.tag()
                .spot("val")
                .or(() -> element.tag().attributes().stream().findFirst().flatMap(element.tag()::spot));
    }

    private static Seen changed(Seen seen, Node element) {
        return new Seen(
                ColorTransforms.apply(seen.color(), element.children()),
                seen.setting(),
                seen.opacity() * ColorTransforms.opacity(element.children()));
    }

    private static Optional<Rgb> literal(Node element, String value) {
        return switch (element.name()) {
            case "srgbClr" -> ColorCode.parse(value);
            // What the computer shows is not known; the last value that was seen stands beside it.
            case "sysClr" ->
                element.attribute("lastClr")
                        .flatMap(ColorCode::parse)
                        .or(() -> Optional.of(value.equals("window") ? Rgb.WHITE : Rgb.BLACK));
            case "prstClr" -> NamedColors.find(spelledOut(value));
            case "scrgbClr" ->
                Optional.of(new LinearRgb(part(element, "r"), part(element, "g"), part(element, "b")).toRgb());
            case "hslClr" ->
                Optional.of(new Hsl(
                                element.attribute("hue")
                                        .flatMap(Percent::number)
                                        .map(hue -> Degrees.of(hue / 60_000)),
                                part(element, "sat"),
                                part(element, "lum"))
                        .toRgb());
            default -> Optional.empty();
        };
    }

    private static double part(Node element, String name) {
        double value = element.attribute(name).flatMap(Percent::fraction).orElse(0.0);
        return Math.max(0, Math.min(1, value));
    }

    /** The same names as in CSS, three of their words shortened. Source: ECMA-376 Part 1, 20.1.10.48. */
    private static String spelledOut(String name) {
        return name.replaceFirst("^dk", "dark").replaceFirst("^lt", "light").replaceFirst("^med(?!ium)", "medium");
    }
}
