package app.zumbido.formats.svg;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartText;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Splices;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.css.CssColor;
import app.zumbido.formats.css.CssRepaint;
import app.zumbido.formats.css.CssWalk;
import app.zumbido.formats.uses.RepaintableFile;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamException;
import org.jspecify.annotations.Nullable;

/**
 * The colours of a drawing as they are written in it: in attributes, style attributes and style sheets. Source: SVG 2, 6.3,
 * 13 and 14.2.
 */
public final class SvgColors implements RepaintableFile {
    static final String STOP = "stop-color";
    private static final String STROKE = "stroke";

    /** Properties that paint. */
    static final Set<String> PAINTED = Set.of("fill", STROKE, "color", STOP, "flood-color", "lighting-color");

    private final byte[] file;
    private final PartText text;

    /** @param file a drawing that could be read under the limits of {@link SvgFile} */
    public SvgColors(byte[] file) {
        this.file = file;
        this.text = PartText.of(file);
    }

    @Override
    public String kind() {
        return "svg";
    }

    @Override
    public void walk(Uses uses) {
        // Whatever grows without end is refused here.
        new SvgRewriter().rewrite(file);
        collect().walk(uses, (thing, property, color, grounds) -> {
            if (PAINTED.contains(property)) {
                ColorUse what = property.equals(STROKE) ? ColorUse.BORDER : ColorUse.GRAPHIC;
                Setting setting = new Setting.ByHand(color.spot());
                uses.use(Use.of(Place.of("", thing), what, color.color(), setting, grounds));
            }
        });
    }

    /** For those who want to know which property has a colour, and have read the drawing under the limits already. */
    void walk(BiConsumer<String, Rgb> painted) {
        collect()
                .walk(
                        use -> {
                            // Names of custom properties say nothing here.
                        },
                        (thing, property, color, grounds) -> {
                            if (PAINTED.contains(property)) {
                                painted.accept(property, color.color());
                            }
                        });
    }

    private CssWalk collect() {
        Elements elements = new Elements();
        read(elements);
        return elements.walk;
    }

    private void read(PartXml.Handler handler) {
        try {
            PartXml.read("", text.text(), SvgXml.withPlaces(text.text()), handler);
        } catch (XMLStreamException e) {
            throw SvgFile.broken("its markup is damaged", e);
        }
    }

    /**
     * Where colours can be put: each spot once, those that are only meant last.
     *
     * @param unwritten gets colours that are seen and stand nowhere as they are, so that they cannot be changed
     */
    public List<SvgPaint> paints(Consumer<Rgb> unwritten) {
        Map<Spot, SvgPaint> paints = new LinkedHashMap<>();
        List<Rgb> missing = new ArrayList<>();
        collect()
                .walk(
                        use -> {
                            // Names of custom properties say nothing here.
                        },
                        (thing, property, color, grounds) -> {
                            if (PAINTED.contains(property)) {
                                color.spot()
                                        .ifPresentOrElse(
                                                spot -> put(
                                                        NamedColor.whole(text.text(), spot),
                                                        color,
                                                        property,
                                                        thing,
                                                        paints),
                                                () -> missing.add(color.color()));
                            }
                        });
        EntityColors.in(text.text()).forEach(paint -> paints.putIfAbsent(paint.spot(), paint));
        Set<Rgb> written = paints.values().stream().map(SvgPaint::color).collect(Collectors.toSet());
        missing.stream().filter(color -> !written.contains(color)).distinct().forEach(unwritten);
        CurrentColor current = new CurrentColor(text.text());
        read(current);
        boolean said =
                paints.values().stream().anyMatch(paint -> paint.property().equals("color"));
        if (!said) {
            // Nothing in the drawing says what it takes from around it, so that it is black by itself.
            current.said()
                    .forEach(word -> paints.putIfAbsent(
                            word.spot(), SvgPaint.at(word.spot(), Rgb.BLACK, word.property(), word.thing())));
        }
        current.unsaidFill()
                .ifPresent(spot -> paints.putIfAbsent(
                        spot,
                        new SvgPaint(
                                spot,
                                Rgb.BLACK,
                                "fill",
                                "svg",
                                text.text().substring(spot.from(), spot.to()) + " fill=\"",
                                "\"")));
        return List.copyOf(paints.values());
    }

    private static void put(Spot spot, CssColor color, String property, String thing, Map<Spot, SvgPaint> paints) {
        paints.putIfAbsent(spot, SvgPaint.at(spot, color.color(), property, thing));
    }

    /** @param colors by paint what is written there, as CSS says colours; everything else stays to the byte */
    public byte[] with(Map<SvgPaint, String> colors) {
        Splices splices = new Splices();
        colors.forEach((paint, color) ->
                splices.put(paint.spot().from(), paint.spot().to(), paint.before() + color + paint.after()));
        return text.bytes(splices.apply(text.text()));
    }

    /** @return the colour for a paint, with how much of it shows through */
    public String written(SvgPaint paint, Rgb color) {
        String before = paint.isImplied()
                ? ""
                : text.text().substring(paint.spot().from(), paint.spot().to());
        return CssRepaint.written(NamedColor.fallback(before).orElse(before), color);
    }

    @Override
    public void write(Map<Spot, Replacement> replacements, OutputStream out) throws IOException {
        Splices splices = new Splices();
        replacements.forEach((spot, replacement) -> CssRepaint.put(text.text(), spot, replacement, splices));
        out.write(text.bytes(splices.apply(text.text())));
    }

    private static final class Elements implements PartXml.Handler {
        private final CssWalk walk = new CssWalk();
        private final StringBuilder sheet = new StringBuilder();
        private @Nullable Tag style;
        private int hidden;

        @Override
        public void start(Tag tag) {
            if (hidden > 0 || !SvgRewriter.isDrawn(tag.namespace(), tag.name())) {
                hidden++;
                return;
            }
            if (tag.name().equals("style")) {
                style = tag;
            }
            String thing = tag.attribute("id").orElse(tag.name());
            for (Tag.Attribute attribute : tag.attributes()) {
                if (attribute.name().equals("style")) {
                    walk.addDeclarations(thing, attribute.value(), tag.part(), base(tag, attribute));
                } else if (PAINTED.contains(attribute.name())) {
                    walk.addAttribute(thing, attribute.name(), attribute.value(), asWritten(tag, attribute));
                }
            }
        }

        /** A value with entities or references in it does not stand there letter by letter. */
        private static Optional<Spot> asWritten(Tag tag, Tag.Attribute attribute) {
            return tag.spot(attribute)
                    .filter(spot -> tag.text().substring(spot.from(), spot.to()).equals(attribute.value()));
        }

        private static OptionalInt base(Tag tag, Tag.Attribute attribute) {
            Optional<Spot> spot = asWritten(tag, attribute);
            return spot.isPresent() ? OptionalInt.of(spot.get().from()) : OptionalInt.empty();
        }

        @Override
        public void text(String text) {
            if (style != null) {
                sheet.append(text);
            }
        }

        @Override
        public void end(String name) {
            if (hidden > 0) {
                hidden--;
            } else if (style != null && name.equals("style")) {
                walk.addStylesheet(sheet.toString(), style.part(), base(style, sheet));
                sheet.setLength(0);
                style = null;
            }
        }

        private static OptionalInt base(Tag tag, CharSequence sheet) {
            int end = tag.from() < 0 ? -1 : tag.text().indexOf("</", tag.to());
            int from = end < 0 ? -1 : tag.text().indexOf(sheet.toString(), tag.to());
            return from >= 0 && from + sheet.length() <= end ? OptionalInt.of(from) : OptionalInt.empty();
        }
    }
}
