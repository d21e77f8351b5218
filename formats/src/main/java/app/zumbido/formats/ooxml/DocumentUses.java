package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** Colours of the text, shading and borders of a document. Source: ECMA-376 Part 1, 17.3.2, 17.3.5, 17.7. */
final class DocumentUses {
    private final Inventory.Tally tally;
    private final Optional<FoundTheme> theme;
    private final Map<String, Style> styles = new HashMap<>();

    /**
     * What a style says about colour.
     *
     * @param basedOn the style that it takes the rest from
     */
    private record Style(@Nullable String basedOn, @Nullable Rgb text) {}

    DocumentUses(Inventory.Tally tally, Optional<FoundTheme> theme) {
        this.tally = tally;
        this.theme = theme;
    }

    void count(OfficePackage parts, String main) {
        parts.targets(main, "styles").forEach(part -> PartXml.read(parts.part(part), new Styles()));
        PartXml.read(parts.part(main), new Body());
        for (String kind : new String[] {"header", "footer"}) {
            parts.targets(main, kind).forEach(part -> PartXml.read(parts.part(part), new Body()));
        }
    }

    private Rgb slot(ThemeSlot slot, Rgb otherwise) {
        return theme.map(found -> found.colors().get(slot)).orElse(otherwise);
    }

    /** @return the literal value, which programs write resolved beside a reference to the theme */
    private Optional<Rgb> color(XMLStreamReader element, String attribute) {
        return PartXml.attribute(element, attribute)
                .filter(value -> !value.equals("auto"))
                .flatMap(ColorCode::parse)
                .or(() -> PartXml.attribute(element, "themeColor")
                        .or(() -> PartXml.attribute(element, "themeFill"))
                        .flatMap(SlotNames::find)
                        .flatMap(slot -> theme.map(found -> found.colors().get(slot))));
    }

    private @Nullable Rgb textOf(@Nullable String styleId) {
        String id = styleId;
        // A circle of styles is not followed for ever.
        for (int depth = 0; id != null && depth < styles.size(); depth++) {
            Style style = styles.get(id);
            if (style == null) {
                return null;
            }
            if (style.text() != null) {
                return style.text();
            }
            id = style.basedOn();
        }
        return null;
    }

    private final class Styles implements PartXml.Handler {
        private @Nullable String id;
        private @Nullable String basedOn;
        private @Nullable Rgb text;

        @Override
        public void start(String name, XMLStreamReader element) {
            switch (name) {
                case "style" -> {
                    id = PartXml.attribute(element, "styleId").orElse(null);
                    basedOn = null;
                    text = null;
                }
                case "basedOn" -> basedOn = PartXml.attribute(element, "val").orElse(null);
                case "color" -> text = color(element, "val").orElse(null);
                default -> {
                    // Everything else about a style is not colour.
                }
            }
        }

        @Override
        public void end(String name) {
            if (name.equals("style") && id != null) {
                styles.put(id, new Style(basedOn, text));
            }
        }
    }

    private final class Body implements PartXml.Handler {
        /** Shading around what is read, the innermost last. */
        private final Deque<Rgb> grounds = new ArrayDeque<>();

        private boolean inParagraphProperties;
        private boolean inCellProperties;
        private @Nullable String paragraphStyle;
        private @Nullable String runStyle;
        private @Nullable Rgb paragraphGround;
        private @Nullable Rgb runGround;
        private @Nullable Rgb runText;
        private boolean inLink;
        private boolean inText;

        Body() {
            grounds.push(slot(ThemeSlot.LIGHT_1, Rgb.WHITE));
        }

        @Override
        public void start(String name, XMLStreamReader element) {
            switch (name) {
                case "background" -> color(element, "color").ifPresent(this::page);
                case "tc" -> grounds.push(grounds.peek());
                case "tcPr" -> inCellProperties = true;
                case "p" -> {
                    paragraphStyle = null;
                    paragraphGround = null;
                }
                case "pPr" -> inParagraphProperties = true;
                case "pStyle" ->
                    paragraphStyle = PartXml.attribute(element, "val").orElse(null);
                case "hyperlink" -> inLink = true;
                case "r" -> {
                    runStyle = null;
                    runText = null;
                    runGround = null;
                }
                case "rStyle" -> runStyle = PartXml.attribute(element, "val").orElse(null);
                case "shd" -> color(element, "fill").ifPresent(this::shade);
                case "highlight" ->
                    PartXml.attribute(element, "val").flatMap(NamedColors::find).ifPresent(this::shade);
                case "color" -> {
                    if (!inParagraphProperties) {
                        runText = color(element, "val").orElse(null);
                    }
                }
                case "t" -> inText = true;
                case "top", "left", "start", "bottom", "right", "end", "insideH", "insideV" ->
                    color(element, "color").ifPresent(color -> tally.use(color, ColorUse.BORDER));
                default -> {
                    // Everything else is not colour.
                }
            }
        }

        private void page(Rgb color) {
            grounds.clear();
            grounds.push(color);
        }

        private void shade(Rgb color) {
            tally.use(color, ColorUse.GROUND);
            if (inCellProperties) {
                grounds.pop();
                grounds.push(color);
            } else if (inParagraphProperties) {
                paragraphGround = color;
            } else {
                runGround = color;
            }
        }

        @Override
        public void text(String text) {
            if (!inText || text.isBlank()) {
                return;
            }
            Rgb ink = ink();
            tally.use(ink, ColorUse.TEXT);
            tally.combine(ink, ground());
        }

        private Rgb ink() {
            if (runText != null) {
                return runText;
            }
            Rgb own = textOf(runStyle);
            if (own == null && inLink) {
                own = slot(ThemeSlot.HYPERLINK, Rgb.BLACK);
            }
            Rgb styled = own == null ? textOf(paragraphStyle) : own;
            return styled == null ? slot(ThemeSlot.DARK_1, Rgb.BLACK) : styled;
        }

        private Rgb ground() {
            if (runGround != null) {
                return runGround;
            }
            return paragraphGround == null ? grounds.getFirst() : paragraphGround;
        }

        @Override
        public void end(String name) {
            switch (name) {
                case "tc" -> grounds.pop();
                case "tcPr" -> inCellProperties = false;
                case "pPr" -> inParagraphProperties = false;
                case "hyperlink" -> inLink = false;
                case "t" -> inText = false;
                default -> {
                    // Nothing else is left behind.
                }
            }
        }
    }
}
