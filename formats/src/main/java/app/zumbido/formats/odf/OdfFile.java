package app.zumbido.formats.odf;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.archive.Tag;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.MendableFile;
import app.zumbido.formats.uses.PartEdits;
import app.zumbido.formats.uses.PartRepaint;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An OpenDocument file: the named colours of its tables, gradients and named styles, and what its styles use colours for.
 * Which text wears which style is not followed.
 */
public final class OdfFile implements MendableFile {
    private static final String MIME = "application/vnd.oasis.opendocument.";

    /** Source: OpenDocument 1.3 Part 2, 3.3, and Part 3, appendix C. */
    private static final Map<String, String> KINDS =
            Map.of("presentation", "odp", "text", "odt", "spreadsheet", "ods", "graphics", "odg");

    /** What the attributes of a style mean. Source: OpenDocument 1.3 Part 3, 20. */
    private static final Map<String, ColorUse> USES = Map.of(
            "background-color", ColorUse.GROUND,
            "border", ColorUse.BORDER,
            "border-top", ColorUse.BORDER,
            "border-right", ColorUse.BORDER,
            "border-bottom", ColorUse.BORDER,
            "border-left", ColorUse.BORDER,
            "stroke-color", ColorUse.BORDER,
            "fill-color", ColorUse.GRAPHIC);

    /** @return the kind, if the zip is an OpenDocument file */
    public static Optional<String> kindOf(Archive archive) {
        return archive.get("mimetype")
                .map(type -> new String(type, StandardCharsets.US_ASCII).strip())
                .filter(type -> type.startsWith(MIME))
                .map(type -> type.substring(MIME.length()).replace("-template", ""))
                .map(KINDS::get);
    }

    private final Archive archive;
    private final String kind;

    private OdfFile(Archive archive, String kind) {
        this.archive = archive;
        this.kind = kind;
    }

    /** @param archive is closed with the file */
    public static OdfFile of(Archive archive, String kind) {
        return new OdfFile(archive, kind);
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public Optional<FoundTheme> theme() {
        return archive.get("meta.xml").flatMap(OdfTheme::read);
    }

    @Override
    public void walk(Uses uses) {
        for (String part : List.of("styles.xml", "content.xml")) {
            archive.get(part).ifPresent(xml -> PartXml.read(part, xml, new Styles(part, uses)));
        }
    }

    @Override
    public void write(Changes changes, OutputStream out) throws IOException {
        PartEdits edits = new PartEdits(this::part);
        for (Edit edit : changes.edits()) {
            if (edits.isFirst(edit.spot())) {
                Spot spot = edit.spot();
                PartEdits.Part part = edits.part(spot.part());
                if (edit instanceof Edit.Paint paint) {
                    PartRepaint.putHex(part.text(), spot, paint.replacement(), part.splices());
                } else if (edit instanceof Edit.Write write) {
                    part.splices().put(spot.from(), spot.to(), Xml.text(write.value()));
                }
            }
        }
        archive.write(edits.changed(), out);
    }

    @Override
    public byte[] part(String name) {
        return archive.get(name).orElseThrow();
    }

    @Override
    public void close() {
        archive.close();
    }

    private static final class Styles implements PartXml.Handler {
        private final String part;
        private final Uses uses;
        /** The named style that is being read; those made by the program itself have no name that says anything. */
        private @Nullable String style;

        private boolean automatic;
        private boolean inStyle;
        /** What is written in the colours of the style stands on its ground, which is known at its end. */
        private final List<Found> texts = new ArrayList<>();

        private @Nullable Rgb ground;

        private record Found(ColorUse what, Rgb color, Optional<Spot> spot) {}

        Styles(String part, Uses uses) {
            this.part = part;
            this.uses = uses;
        }

        @Override
        public void start(Tag tag) {
            switch (tag.name()) {
                case "automatic-styles" -> automatic = true;
                case "style" -> {
                    style = automatic ? null : nameOf(tag).orElse(null);
                    inStyle = true;
                    ground = null;
                }
                case "color" ->
                    tag.attribute("color")
                            .flatMap(ColorCode::parse)
                            .ifPresent(color -> nameOf(tag).ifPresent(given -> uses.named(color, given)));
                case "gradient" -> nameOf(tag).ifPresent(given -> gradient(tag, given));
                default -> {
                    if (tag.name().endsWith("-properties")) {
                        properties(tag);
                    }
                }
            }
        }

        private static Optional<String> nameOf(Tag tag) {
            return tag.attribute("display-name").or(() -> tag.attribute("name"));
        }

        private void gradient(Tag tag, String given) {
            for (String end : List.of("start", "end")) {
                String attribute = end + "-color";
                tag.attribute(attribute).flatMap(ColorCode::parse).ifPresent(color -> {
                    uses.named(color, given + " " + end);
                    tell(given, new Found(ColorUse.GRAPHIC, color, tag.spot(attribute)), List.of());
                });
            }
        }

        private void tell(String thing, Found use, List<Rgb> grounds) {
            uses.use(Use.of(Place.of(part, thing), use.what(), use.color(), new Setting.ByHand(use.spot()), grounds));
        }

        private void properties(Tag tag) {
            for (Tag.Attribute attribute : tag.attributes()) {
                ColorUse use = attribute.name().equals("color") ? ColorUse.TEXT : USES.get(attribute.name());
                if (use != null) {
                    lastWord(tag, attribute, use).ifPresent(this::use);
                }
            }
        }

        /** A border is written as in '0.5pt solid #0F7C7A'. */
        private static Optional<Found> lastWord(Tag tag, Tag.Attribute attribute, ColorUse what) {
            String word = attribute.value().substring(attribute.value().lastIndexOf(' ') + 1);
            return ColorCode.parse(word)
                    .map(color -> new Found(
                            what,
                            color,
                            tag.spot(attribute)
                                    .filter(spot -> tag.text().startsWith(word, spot.to() - word.length()))
                                    .map(spot -> new Spot(spot.part(), spot.to() - word.length(), spot.to()))));
        }

        private void use(Found use) {
            if (style != null) {
                uses.named(use.color(), style);
            }
            if (use.what() == ColorUse.TEXT && inStyle) {
                texts.add(use);
            } else {
                tell(style == null ? "" : style, use, List.of());
            }
            // A filled shape is the ground of what is written in it.
            if (use.what() == ColorUse.GROUND || use.what() == ColorUse.GRAPHIC) {
                ground = use.color();
            }
        }

        @Override
        public void end(String name) {
            if (name.equals("automatic-styles")) {
                automatic = false;
            } else if (name.equals("style")) {
                List<Rgb> grounds = ground == null ? List.of() : List.of(ground);
                texts.forEach(text -> tell(style == null ? "" : style, text, grounds));
                texts.clear();
                style = null;
                inStyle = false;
            }
        }
    }
}
