package app.zumbido.formats.ooxml;

import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Walks through the colours of text, shading and borders of a document. Source: ECMA-376 Part 1, 17.3.2, 17.3.5, 17.7. */
final class DocumentUses {
    private final Uses uses;
    private final Optional<FoundTheme> theme;
    private final Map<String, Style> styles = new HashMap<>();

    /**
     * What a style says about colour.
     *
     * @param basedOn the style that it takes the rest from
     */
    private record Style(@Nullable String basedOn, @Nullable Seen text) {}

    DocumentUses(Uses uses, Optional<FoundTheme> theme) {
        this.uses = uses;
        this.theme = theme;
    }

    void walk(OfficePackage parts, String main) {
        parts.targets(main, "styles").forEach(part -> PartXml.read(part, parts.part(part), new Styles()));
        PartXml.read(main, parts.part(main), new Body(main));
        for (String kind : new String[] {"header", "footer"}) {
            parts.targets(main, kind).forEach(part -> PartXml.read(part, parts.part(part), new Body(part)));
        }
    }

    private Seen implied(ThemeSlot slot, Rgb otherwise) {
        return new Seen(theme.map(found -> found.colors().get(slot)).orElse(otherwise), new Setting.Implied());
    }

    private Optional<Seen> color(Tag tag, String attribute) {
        return WordColor.of(tag, attribute, theme.map(FoundTheme::colors).orElse(Map.of()));
    }

    private @Nullable Seen textOf(@Nullable String styleId) {
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
        private @Nullable Seen text;

        @Override
        public void start(Tag tag) {
            switch (tag.name()) {
                case "style" -> {
                    id = tag.attribute("styleId").orElse(null);
                    basedOn = null;
                    text = null;
                }
                case "basedOn" -> basedOn = tag.attribute("val").orElse(null);
                case "color" -> text = color(tag, "val").orElse(null);
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
        private final String part;
        /** Shading around what is read, the innermost last. */
        private final Deque<Rgb> grounds = new ArrayDeque<>();

        private boolean inParagraphProperties;
        private boolean inCellProperties;
        private @Nullable String paragraphStyle;
        private @Nullable String runStyle;
        private @Nullable Rgb paragraphGround;
        private @Nullable Rgb runGround;
        private @Nullable Seen runText;
        private boolean inLink;
        private boolean inText;

        Body(String part) {
            this.part = part;
            grounds.push(implied(ThemeSlot.LIGHT_1, Rgb.WHITE).color());
        }

        @Override
        public void start(Tag tag) {
            switch (tag.name()) {
                case "background" -> color(tag, "color").ifPresent(this::page);
                case "tc" -> grounds.push(grounds.getFirst());
                case "tcPr" -> inCellProperties = true;
                case "p" -> {
                    paragraphStyle = null;
                    paragraphGround = null;
                }
                case "pPr" -> inParagraphProperties = true;
                case "pStyle" -> paragraphStyle = tag.attribute("val").orElse(null);
                case "hyperlink" -> inLink = true;
                case "r" -> {
                    runStyle = null;
                    runText = null;
                    runGround = null;
                }
                case "rStyle" -> runStyle = tag.attribute("val").orElse(null);
                case "shd" -> color(tag, "fill").ifPresent(this::shade);
                case "highlight" -> highlight(tag);
                case "color" -> {
                    if (!inParagraphProperties) {
                        runText = color(tag, "val").orElse(null);
                    }
                }
                case "t" -> inText = true;
                case "top", "left", "start", "bottom", "right", "end", "insideH", "insideV" ->
                    color(tag, "color").ifPresent(seen -> tell(ColorUse.BORDER, seen, around()));
                default -> {
                    // Everything else is not colour.
                }
            }
        }

        private void tell(ColorUse what, Seen seen, Rgb ground) {
            Place place = Place.of(part, paragraphStyle == null ? "" : paragraphStyle);
            uses.use(Use.of(place, what, seen.color(), seen.setting(), List.of(ground)));
        }

        private void page(Seen seen) {
            grounds.clear();
            grounds.push(seen.color());
        }

        /** One of sixteen named colours; no other can be put there. Source: ECMA-376 Part 1, 17.18.40. */
        private void highlight(Tag tag) {
            tag.attribute("val")
                    .flatMap(NamedColors::find)
                    .ifPresent(color -> shade(new Seen(color, new Setting.ByHand(Optional.empty()))));
        }

        private void shade(Seen seen) {
            tell(ColorUse.GROUND, seen, around());
            if (inCellProperties) {
                grounds.pop();
                grounds.push(seen.color());
            } else if (inParagraphProperties) {
                paragraphGround = seen.color();
            } else {
                runGround = seen.color();
            }
        }

        private Rgb around() {
            return grounds.getFirst();
        }

        @Override
        public void text(String text) {
            if (inText && !text.isBlank()) {
                tell(ColorUse.TEXT, ink(), ground());
            }
        }

        private Seen ink() {
            if (runText != null) {
                return runText;
            }
            Seen own = textOf(runStyle);
            if (own == null && inLink) {
                own = implied(ThemeSlot.HYPERLINK, Rgb.BLACK);
            }
            Seen styled = own == null ? textOf(paragraphStyle) : own;
            return styled == null ? implied(ThemeSlot.DARK_1, Rgb.BLACK) : styled;
        }

        private Rgb ground() {
            if (runGround != null) {
                return runGround;
            }
            return paragraphGround == null ? around() : paragraphGround;
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
