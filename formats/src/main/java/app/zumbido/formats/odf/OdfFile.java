package app.zumbido.formats.odf;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * Named colours of an OpenDocument file: those of its colour tables, gradients and named styles, and what its styles use
 * colours for.
 *
 * @param kind as in {@code odt}
 */
public record OdfInventory(String kind, Inventory inventory) {
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

    public static OdfInventory read(Archive archive, String kind) {
        Inventory.Tally tally = new Inventory.Tally();
        for (String part : List.of("styles.xml", "content.xml")) {
            archive.get(part).ifPresent(xml -> PartXml.read(xml, new Styles(tally)));
        }
        return new OdfInventory(kind, tally.inventory(Optional.empty(), true));
    }

    private static final class Styles implements PartXml.Handler {
        private final Inventory.Tally tally;
        /** The named style that is being read; those made by the program itself have no name that says anything. */
        private @Nullable String style;

        private boolean automatic;
        private @Nullable Rgb text;
        private @Nullable Rgb ground;

        Styles(Inventory.Tally tally) {
            this.tally = tally;
        }

        @Override
        public void start(String name, XMLStreamReader element) {
            switch (name) {
                case "automatic-styles" -> automatic = true;
                case "style" -> {
                    style = automatic ? null : nameOf(element).orElse(null);
                    text = null;
                    ground = null;
                }
                case "color" ->
                    PartXml.attribute(element, "color")
                            .flatMap(ColorCode::parse)
                            .ifPresent(color -> nameOf(element).ifPresent(given -> tally.name(color, given)));
                case "gradient" -> nameOf(element).ifPresent(given -> gradient(element, given));
                default -> {
                    if (name.endsWith("-properties")) {
                        properties(element);
                    }
                }
            }
        }

        private static Optional<String> nameOf(XMLStreamReader element) {
            return PartXml.attribute(element, "display-name").or(() -> PartXml.attribute(element, "name"));
        }

        private void gradient(XMLStreamReader element, String given) {
            for (String end : List.of("start", "end")) {
                PartXml.attribute(element, end + "-color")
                        .flatMap(ColorCode::parse)
                        .ifPresent(color -> {
                            tally.name(color, given + " " + end);
                            tally.use(color, ColorUse.GRAPHIC);
                        });
            }
        }

        private void properties(XMLStreamReader element) {
            for (int i = 0; i < element.getAttributeCount(); i++) {
                String attribute = element.getAttributeLocalName(i);
                ColorUse use = attribute.equals("color") ? ColorUse.TEXT : USES.get(attribute);
                if (use != null) {
                    lastCode(element.getAttributeValue(i)).ifPresent(color -> use(color, use));
                }
            }
        }

        private void use(Rgb color, ColorUse use) {
            tally.use(color, use);
            if (style != null) {
                tally.name(color, style);
            }
            switch (use) {
                case TEXT -> text = color;
                // A filled shape is the ground of what is written in it.
                case GROUND, GRAPHIC -> ground = color;
                case BORDER -> {
                    // A border is behind nothing.
                }
            }
        }

        /** A border is written as in '0.5pt solid #0F7C7A'. */
        private static Optional<Rgb> lastCode(String value) {
            return ColorCode.parse(value.substring(value.lastIndexOf(' ') + 1));
        }

        @Override
        public void end(String name) {
            if (name.equals("automatic-styles")) {
                automatic = false;
            } else if (name.equals("style")) {
                style = null;
                if (text != null && ground != null) {
                    tally.combine(text, ground);
                }
            }
        }
    }
}
