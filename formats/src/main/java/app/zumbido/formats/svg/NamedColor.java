package app.zumbido.formats.svg;

import app.zumbido.core.inspect.Spot;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A colour by the name of a custom property, with what it is where nobody defines that. Source: CSS Custom Properties for
 * Cascading Variables Module Level 1, 3.
 */
final class NamedColor {
    private static final Pattern NAMED = Pattern.compile(
            "\\s{0,20}var\\(\\s{0,20}--[^,()\\s]{1,200}\\s{0,20},\\s{0,20}(#[0-9A-Fa-f]{3,8})\\s{0,20}\\)\\s{0,20}");
    /** Longer names are none of ours. */
    private static final int LONGEST = 260;

    private NamedColor() {}

    /** @return what it is where the property is not defined; nothing if the value is no colour by name */
    static Optional<String> fallback(String value) {
        Matcher named = NAMED.matcher(value);
        return named.matches() ? Optional.of(named.group(1)) : Optional.empty();
    }

    /** @return the whole of the name with its fallback if the spot is the fallback: another colour takes the place of both */
    static Spot whole(String text, Spot spot) {
        int from = text.lastIndexOf("var(", spot.from());
        int to = text.indexOf(')', spot.to()) + 1;
        boolean near = from >= 0 && to > 0 && spot.from() - from < LONGEST;
        return near && fallback(text.substring(from, to)).isPresent() ? new Spot(spot.part(), from, to) : spot;
    }
}
