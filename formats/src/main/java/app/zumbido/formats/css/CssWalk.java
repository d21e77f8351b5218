package app.zumbido.formats.css;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.Setting;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Use;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.css.CssColors.Value;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import com.helger.css.decl.CSSDeclaration;
import com.helger.css.decl.CSSKeyframesBlock;
import com.helger.css.decl.CSSStyleRule;
import com.helger.css.decl.visit.CSSVisitor;
import com.helger.css.decl.visit.DefaultCSSVisitor;
import com.helger.css.writer.CSSWriterSettings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Walks through the colours of stylesheets. A rule counts once, however many elements it meets, since nobody knows which
 * pages it will be used on.
 */
public final class CssWalk {
    /** Style attributes that differ; reading each takes as long as a thousand letters. */
    private static final int MOST_PARSED = 20_000;

    private final CssColors colors = new CssColors();
    /** Pages and drawings say the same over and over. */
    private final Map<String, List<CSSDeclaration>> parsed = new HashMap<>();

    private final List<Written> written = new ArrayList<>();

    /**
     * Declarations that stand together, so that the text of one stands on the ground of the same one.
     *
     * @param thing what they are for: the selectors of a rule
     */
    private record Block(String thing, List<CSSDeclaration> declarations, CssPiece piece) implements Written {}

    /** The value of an attribute that is a colour and nothing else. */
    private record Single(String thing, String property, CssColor color) implements Written {}

    private sealed interface Written {}

    /** Takes each colour in the value of a property. */
    @FunctionalInterface
    public interface Values {
        void value(String thing, String property, CssColor color, List<Rgb> grounds);
    }

    /** What cannot be understood is passed over, as browsers do. */
    public void addStylesheet(String text, String part, OptionalInt base) {
        CssPiece piece = new CssPiece(text, part, base);
        CssReading.sheet(piece.forParser()).ifPresent(sheet -> CSSVisitor.visitCSS(sheet, new BlockCollector(piece)));
    }

    /** @param thing what wears it */
    public void addDeclarations(String thing, String text, String part, OptionalInt base) {
        CssPiece piece = new CssPiece(text, part, base);
        List<CSSDeclaration> declarations = parsed.computeIfAbsent(piece.forParser(), CssWalk::declarations);
        if (parsed.size() > MOST_PARSED) {
            throw new UnreadableImageException(
                    Reason.TOO_LARGE,
                    "The file has more than " + MOST_PARSED
                            + " different style attributes; take it apart and try each part");
        }
        if (!declarations.isEmpty()) {
            written.add(new Block(thing, declarations, piece));
        }
    }

    private static List<CSSDeclaration> declarations(String text) {
        return CssReading.declarations(text)
                .<List<CSSDeclaration>>map(list -> List.copyOf(list.getAllDeclarations()))
                .orElse(List.of());
    }

    /** @param value of an attribute that stands for a property, as in drawings */
    public void addAttribute(String thing, String property, String value, Optional<Spot> spot) {
        if (value.indexOf('(') < 0) {
            CssColors.of(value).ifPresent(color -> written.add(new Single(thing, property, new CssColor(color, spot))));
        } else {
            String declaration = property + ":";
            addDeclarations(
                    thing,
                    declaration + value,
                    spot.map(Spot::part).orElse(""),
                    spot.map(at -> OptionalInt.of(at.from() - declaration.length()))
                            .orElse(OptionalInt.empty()));
        }
    }

    /** Custom properties are known only when everything has been added, so the walk comes last. */
    public void walk(Uses uses) {
        walk(
                uses,
                (thing, property, color, grounds) -> uses.use(Use.of(
                        Place.of("", thing),
                        useOf(property),
                        color.color(),
                        new Setting.ByHand(color.spot()),
                        grounds)));
    }

    /** @param values gets every use; {@code uses} the names only */
    public void walk(Uses uses, Values values) {
        for (Written entry : written) {
            if (entry instanceof Block block) {
                define(block);
            }
        }
        colors.properties()
                .forEach((property, value) ->
                        colors.only(value).ifPresent(found -> uses.named(found.color(), nameOf(property))));
        for (Written entry : written) {
            if (entry instanceof Block block) {
                tell(block, values);
            } else if (entry instanceof Single single) {
                values.value(single.thing(), single.property(), single.color(), List.of());
            }
        }
    }

    private void define(Block block) {
        for (CSSDeclaration declaration : block.declarations()) {
            if (declaration.getProperty().startsWith("--")) {
                colors.define(declaration.getProperty(), new Value(declaration.getExpression(), block.piece()));
            }
        }
    }

    private record Found(String property, CssColor color) {}

    private void tell(Block block, Values values) {
        List<Found> found = new ArrayList<>();
        for (CSSDeclaration declaration : block.declarations()) {
            if (!declaration.getProperty().startsWith("--")) {
                colors.in(new Value(declaration.getExpression(), block.piece()))
                        .forEach(color -> found.add(new Found(declaration.getProperty(), color)));
            }
        }
        // The last one of a kind wins, as in the cascade.
        Optional<Found> text = last(found, ColorUse.TEXT);
        Optional<Found> ground = last(found, ColorUse.GROUND);
        for (Found use : found) {
            boolean read = text.filter(winner -> winner == use).isPresent();
            List<Rgb> grounds =
                    read ? ground.map(below -> below.color().color()).stream().toList() : List.of();
            values.value(block.thing(), use.property(), use.color(), grounds);
        }
    }

    private static Optional<Found> last(List<Found> found, ColorUse use) {
        return found.stream()
                .filter(candidate -> useOf(candidate.property()) == use)
                .reduce((first, second) -> second);
    }

    /** @return {@code harbour-teal} of {@code --harbour-teal} in words */
    private static String nameOf(String property) {
        String words = property.substring(2).replace('-', ' ').replace('_', ' ').strip();
        return words.isEmpty() ? property : words;
    }

    static ColorUse useOf(String property) {
        if (property.equals("color") || property.startsWith("text-decoration") || property.equals("caret-color")) {
            return ColorUse.TEXT;
        }
        if (property.startsWith("background")) {
            return ColorUse.GROUND;
        }
        if (property.startsWith("border") || property.startsWith("outline") || property.startsWith("column-rule")) {
            return ColorUse.BORDER;
        }
        return ColorUse.GRAPHIC;
    }

    private final class BlockCollector extends DefaultCSSVisitor {
        private final CssPiece piece;
        private List<CSSDeclaration> current = new ArrayList<>();

        BlockCollector(CssPiece piece) {
            this.piece = piece;
        }

        @Override
        public void onDeclaration(CSSDeclaration declaration) {
            current.add(declaration);
        }

        private void close(String thing) {
            if (!current.isEmpty()) {
                written.add(new Block(thing, current, piece));
                current = new ArrayList<>();
            }
        }

        @Override
        public void onEndStyleRule(CSSStyleRule rule) {
            close(rule.getSelectorsAsCSSString(new CSSWriterSettings(), 0));
        }

        @Override
        public void onEndKeyframesBlock(CSSKeyframesBlock block) {
            close(String.join(", ", block.getAllKeyframesSelectors()));
        }

        @Override
        public void end() {
            close("");
        }
    }
}
