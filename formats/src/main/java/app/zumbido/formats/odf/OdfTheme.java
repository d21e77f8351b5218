package app.zumbido.formats.odf;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.fonts.KnownFamilies;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The theme of a brand in a format that knows none: as properties of the document that people may define, where it disturbs
 * nobody and can be read again. Source: OASIS OpenDocument 1.3, Part 3, 4.3.3 (meta:user-defined).
 */
final class OdfTheme implements PartXml.Handler {
    private static final String NAME = "Theme";
    private static final String SLOT = "Theme ";
    private static final String HEADING = "Theme heading font";
    private static final String BODY = "Theme body font";
    private static final String SWATCH = "Swatch ";
    /** Digits of a code and the blank behind it. */
    private static final int CODE = 7;

    private final Map<String, String> found = new LinkedHashMap<>();
    private @Nullable String property;
    private final StringBuilder value = new StringBuilder();

    private OdfTheme() {}

    /** @return properties for the part about the document */
    static String xml(Look look) {
        Map<String, String> properties = new LinkedHashMap<>();
        properties.put(NAME, look.theme().name());
        look.colors().forEach((slot, color) -> properties.put(SLOT + slot.code(), color.digits()));
        FontPair fonts = look.brand().type().pair();
        properties.put(HEADING, fonts.heading().name());
        properties.put(BODY, fonts.body().name());
        int number = 1;
        Brand brand = look.brand();
        for (Swatch swatch : brand.usable().swatches()) {
            properties.put(SWATCH + number++, swatch.color().digits() + " " + swatch.name());
        }
        StringBuilder xml = new StringBuilder();
        properties.forEach((name, value) -> xml.append("<meta:user-defined meta:name=\"%s\">%s</meta:user-defined>"
                .formatted(Xml.text(name), Xml.text(value))));
        return xml.toString();
    }

    /** @param meta the part about the document @return nothing if it carries none */
    static Optional<FoundTheme> read(byte[] meta) {
        OdfTheme reader = new OdfTheme();
        PartXml.read("meta.xml", meta, reader);
        return reader.theme();
    }

    @Override
    public void start(Tag tag) {
        property = tag.name().equals("user-defined") ? tag.attribute("name").orElse(null) : null;
        value.setLength(0);
    }

    @Override
    public void text(String text) {
        value.append(text);
    }

    @Override
    public void end(String name) {
        if (property != null) {
            found.put(property, value.toString());
            property = null;
        }
    }

    private Optional<FoundTheme> theme() {
        Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
        for (ThemeSlot slot : ThemeSlot.values()) {
            Optional.ofNullable(found.get(SLOT + slot.code()))
                    .flatMap(ColorCode::parse)
                    .ifPresent(color -> colors.put(slot, color));
        }
        if (colors.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new FoundTheme(found.getOrDefault(NAME, ""), colors, fonts(), named()));
    }

    private Optional<FontPair> fonts() {
        return family(HEADING).flatMap(heading -> family(BODY).map(body -> new FontPair(heading, body)));
    }

    private Optional<FontFamily> family(String under) {
        return Optional.ofNullable(found.get(under))
                .filter(name -> !name.isBlank() && name.length() <= FontFamily.LONGEST_NAME)
                .map(KnownFamilies::of);
    }

    private List<FoundTheme.NamedColor> named() {
        List<FoundTheme.NamedColor> named = new ArrayList<>();
        for (int number = 1; found.containsKey(SWATCH + number); number++) {
            String both = found.get(SWATCH + number);
            String name = both.length() > CODE ? both.substring(CODE) : "";
            if (!name.isBlank() && name.length() <= Swatch.LONGEST_NAME) {
                ColorCode.parse(both.substring(0, CODE - 1))
                        .ifPresent(color -> named.add(new FoundTheme.NamedColor(name, color)));
            }
        }
        return named;
    }
}
