package app.zumbido.formats.css;

import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.NamedColors;
import app.zumbido.core.color.Rgb;
import app.zumbido.formats.press.CoatedPress;
import com.helger.css.decl.CSSExpression;
import com.helger.css.decl.CSSExpressionMemberFunction;
import com.helger.css.decl.CSSExpressionMemberTermSimple;
import com.helger.css.decl.ICSSExpressionMember;
import com.helger.css.writer.CSSWriterSettings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Colours in the values of CSS properties, custom properties followed. Source: W3C CSS Color Module Level 4, 4; CSS
 * Custom Properties for Cascading Variables Module Level 1, 3.
 */
public final class CssColors {
    /** Custom properties that lead to others; a circle ends here. */
    private static final int DEEPEST = 16;

    private static final Set<String> FUNCTIONS =
            Set.of("rgb", "rgba", "hsl", "hsla", "lab", "lch", "oklab", "oklch", "device-cmyk");

    private final Map<String, Value> properties = new LinkedHashMap<>();

    /** A value, and the piece that it stands in. */
    record Value(CSSExpression expression, CssPiece piece) {}

    CssColors() {}

    /** The first definition counts: later ones are mostly those of a dark mode. */
    void define(String property, Value value) {
        properties.putIfAbsent(property, value);
    }

    Map<String, Value> properties() {
        return Collections.unmodifiableMap(properties);
    }

    /** @return the colour if the value is exactly one */
    Optional<CssColor> only(Value value) {
        List<CssColor> colors = in(value);
        return value.expression().getMemberCount() == 1 && colors.size() == 1
                ? Optional.of(colors.get(0))
                : Optional.empty();
    }

    /** @return in the order of the value */
    List<CssColor> in(Value value) {
        List<CssColor> colors = new ArrayList<>();
        add(value, DEEPEST, colors);
        return colors;
    }

    private void add(Value value, int depth, List<CssColor> colors) {
        for (ICSSExpressionMember member : value.expression().getAllMembers()) {
            if (member instanceof CSSExpressionMemberTermSimple term) {
                simple(term.getValue())
                        .map(color ->
                                new CssColor(color, value.piece().word(term.getSourceLocation(), term.getValue())))
                        .ifPresent(colors::add);
            } else if (member instanceof CSSExpressionMemberFunction function && depth > 0) {
                add(function, value.piece(), depth, colors);
            }
        }
    }

    private void add(CSSExpressionMemberFunction function, CssPiece piece, int depth, List<CssColor> colors) {
        CSSExpression arguments = function.getExpression();
        if (arguments == null) {
            return;
        }
        String name = function.getFunctionName().toLowerCase(Locale.ROOT);
        if (FUNCTIONS.contains(name)) {
            function(function.getAsCSSString(new CSSWriterSettings(), 0))
                    .map(color -> new CssColor(color, piece.function(function.getSourceLocation(), name)))
                    .ifPresent(colors::add);
        } else if (name.equals("var")) {
            Value target = properties.get(arguments
                    .getMemberAtIndex(0)
                    .getAsCSSString(new CSSWriterSettings(), 0)
                    .strip());
            add(target == null ? new Value(arguments, piece) : target, depth - 1, colors);
        } else {
            add(new Value(arguments, piece), depth - 1, colors);
        }
    }

    /** @return the colour that a text is, as in an attribute of a drawing */
    public static Optional<Rgb> of(String text) {
        String value = text.strip();
        int bracket = value.indexOf('(');
        boolean known =
                bracket > 0 && FUNCTIONS.contains(value.substring(0, bracket).toLowerCase(Locale.ROOT));
        return known && value.endsWith(")") ? function(value) : simple(value);
    }

    private static Optional<Rgb> function(String text) {
        return isTransparent(text)
                ? Optional.empty()
                : CodeScanner.scan(text, CoatedPress.instance()).stream()
                        .map(FoundCode::color)
                        .findFirst();
    }

    private static Optional<Rgb> simple(String term) {
        return term.startsWith("#") ? ColorCode.parse(withoutOpacity(term)) : NamedColors.find(term);
    }

    /** The fourth of four digits and the last two of eight are opacity. */
    private static String withoutOpacity(String hex) {
        return switch (hex.length()) {
            case 5 -> hex.substring(0, 4);
            case 9 -> hex.substring(0, 7);
            default -> hex;
        };
    }

    /** What lets everything through is no colour. */
    private static boolean isTransparent(String function) {
        String compact = function.replace(" ", "");
        return compact.endsWith("/0)")
                || compact.endsWith("/0%)")
                || compact.chars().filter(c -> c == ',').count() == 3 && compact.endsWith(",0)");
    }
}
