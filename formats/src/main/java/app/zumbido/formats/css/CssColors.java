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
final class CssColors {
    /** Custom properties that lead to others; a circle ends here. */
    private static final int DEEPEST = 16;

    private static final Set<String> FUNCTIONS =
            Set.of("rgb", "rgba", "hsl", "hsla", "lab", "lch", "oklab", "oklch", "device-cmyk");

    private final Map<String, CSSExpression> properties = new LinkedHashMap<>();

    /** The first definition counts: later ones are mostly those of a dark mode. */
    void define(String property, CSSExpression value) {
        properties.putIfAbsent(property, value);
    }

    Map<String, CSSExpression> properties() {
        return Collections.unmodifiableMap(properties);
    }

    /** @return the colour if the value is exactly one */
    Optional<Rgb> only(CSSExpression value) {
        List<Rgb> colors = in(value);
        return value.getMemberCount() == 1 && colors.size() == 1 ? Optional.of(colors.get(0)) : Optional.empty();
    }

    /** @return in the order of the value */
    List<Rgb> in(CSSExpression value) {
        List<Rgb> colors = new ArrayList<>();
        add(value, DEEPEST, colors);
        return colors;
    }

    private void add(CSSExpression value, int depth, List<Rgb> colors) {
        for (ICSSExpressionMember member : value.getAllMembers()) {
            if (member instanceof CSSExpressionMemberTermSimple term) {
                simple(term.getValue()).ifPresent(colors::add);
            } else if (member instanceof CSSExpressionMemberFunction function && depth > 0) {
                add(function, depth, colors);
            }
        }
    }

    private void add(CSSExpressionMemberFunction function, int depth, List<Rgb> colors) {
        CSSExpression arguments = function.getExpression();
        if (arguments == null) {
            return;
        }
        String name = function.getFunctionName().toLowerCase(Locale.ROOT);
        if (FUNCTIONS.contains(name)) {
            String text = function.getAsCSSString(new CSSWriterSettings(), 0);
            if (!isTransparent(text)) {
                CodeScanner.scan(text, CoatedPress.instance()).stream()
                        .map(FoundCode::color)
                        .findFirst()
                        .ifPresent(colors::add);
            }
        } else if (name.equals("var")) {
            CSSExpression target = properties.get(arguments
                    .getMemberAtIndex(0)
                    .getAsCSSString(new CSSWriterSettings(), 0)
                    .strip());
            add(target == null ? arguments : target, depth - 1, colors);
        } else {
            add(arguments, depth - 1, colors);
        }
    }

    static Optional<Rgb> simple(String term) {
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
