package app.zumbido.formats.ooxml;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.fonts.KnownFamilies;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Reads slots and fonts of a theme part. Source: ECMA-376 Part 1, 20.1.6. */
final class ThemeReader implements PartXml.Handler {
    private final Map<ThemeSlot, Rgb> colors = new EnumMap<>(ThemeSlot.class);
    private String name = "";
    private final List<FoundTheme.NamedColor> named = new ArrayList<>();
    private @Nullable ThemeSlot slot;
    private @Nullable String custom;
    private boolean inScheme;
    private boolean inMajor;
    private boolean inMinor;
    private @Nullable String heading;
    private @Nullable String body;

    private ThemeReader() {}

    static FoundTheme read(String name, byte[] part) {
        ThemeReader reader = new ThemeReader();
        PartXml.read(name, part, reader);
        return new FoundTheme(
                reader.name, reader.colors, fonts(reader.heading, reader.body), withoutCode(reader.named));
    }

    private static Optional<FontPair> fonts(@Nullable String heading, @Nullable String body) {
        return heading == null || body == null
                ? Optional.empty()
                : Optional.of(new FontPair(KnownFamilies.of(heading), KnownFamilies.of(body)));
    }

    @Override
    public void start(Tag tag) {
        switch (tag.name()) {
            case "theme" -> tag.attribute("name").ifPresent(given -> name = given);
            case "clrScheme" -> {
                inScheme = true;
                // The set of colours has the better name: whoever makes one gives it, and leaves the theme's alone.
                tag.attribute("name").ifPresent(given -> name = given);
            }
            case "majorFont" -> inMajor = true;
            case "minorFont" -> inMinor = true;
            case "custClr" -> custom = tag.attribute("name").orElse(null);
            case "latin" -> latin(tag.attribute("typeface").orElse(null));
            default -> color(tag);
        }
    }

    private void latin(@Nullable String typeface) {
        if (typeface == null || typeface.length() > FontFamily.LONGEST_NAME) {
            return;
        }
        if (inMajor && heading == null) {
            heading = typeface;
        } else if (inMinor && body == null) {
            body = typeface;
        }
    }

    private void color(Tag tag) {
        if (custom != null) {
            String called = custom;
            value(tag)
                    .filter(color -> isName(called))
                    .ifPresent(color -> named.add(new FoundTheme.NamedColor(called, color)));
            return;
        }
        if (!inScheme) {
            return;
        }
        Optional<ThemeSlot> named = ThemeSlot.ofCode(tag.name());
        if (named.isPresent()) {
            slot = named.get();
        } else if (slot != null) {
            ThemeSlot filled = slot;
            value(tag).ifPresent(color -> colors.putIfAbsent(filled, color));
        }
    }

    private static Optional<Rgb> value(Tag tag) {
        return switch (tag.name()) {
            case "srgbClr" -> tag.attribute("val").flatMap(ColorCode::parse);
            // What the computer shows is not known; the last value that was seen stands beside it.
            case "sysClr" ->
                tag.attribute("lastClr")
                        .flatMap(ColorCode::parse)
                        .or(() -> tag.attribute("val").map(system -> system.equals("window") ? Rgb.WHITE : Rgb.BLACK));
            default -> Optional.empty();
        };
    }

    @Override
    public void end(String element) {
        switch (element) {
            case "clrScheme" -> inScheme = false;
            case "custClr" -> custom = null;
            case "majorFont" -> inMajor = false;
            case "minorFont" -> inMinor = false;
            default -> {
                if (slot != null && slot.code().equals(element)) {
                    slot = null;
                }
            }
        }
    }

    private static boolean isName(String name) {
        return !name.isBlank() && name.length() <= Swatch.LONGEST_NAME;
    }

    /** The letters of a brand that stand in front of every name belong to the file and not to the colours. */
    private static List<FoundTheme.NamedColor> withoutCode(List<FoundTheme.NamedColor> named) {
        Set<String> first = named.stream()
                .map(color -> color.name().substring(0, Math.max(0, color.name().indexOf(' '))))
                .collect(Collectors.toSet());
        boolean shared =
                named.size() > 1 && first.size() == 1 && first.iterator().next().matches(Brand.SHORT_CODE);
        return shared
                ? named.stream()
                        .map(color -> new FoundTheme.NamedColor(
                                color.name().substring(color.name().indexOf(' ') + 1), color.color()))
                        .toList()
                : named;
    }
}
