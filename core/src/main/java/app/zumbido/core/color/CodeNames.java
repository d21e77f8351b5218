package app.zumbido.core.color;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Finds the name that stands beside a code: before it on its line, after it, or alone on the line above. */
final class CodeNames {
    /** A longer text is a sentence, not a name; characters and words. */
    private static final int LONGEST = 48;

    private static final int MOST_WORDS = 5;

    /** What stands beside codes everywhere and names no colour. */
    private static final Set<String> NO_NAMES = Set.of(
            "hex",
            "rgb",
            "rgba",
            "cmyk",
            "hsl",
            "hsla",
            "lab",
            "lch",
            "oklch",
            "oklab",
            "srgb",
            "html",
            "css",
            "code",
            "color",
            "colour",
            "background",
            "background-color",
            "border",
            "border-color",
            "fill",
            "stroke",
            "stop-color",
            "outline-color",
            "hex code",
            "web",
            "print",
            "screen",
            "c",
            "m",
            "y",
            "k",
            "r",
            "g",
            "b");

    private static final Pattern EMPTY_LINE = Pattern.compile("\\n\\s*\\n");

    private CodeNames() {}

    static List<FoundCode> beside(String text, List<FoundCode> codes) {
        List<FoundCode> named = new ArrayList<>();
        Optional<String> heading = Optional.empty();
        int lastEnd = 0;
        for (int i = 0; i < codes.size(); i++) {
            FoundCode code = codes.get(i);
            int lineStart = text.lastIndexOf('\n', code.offset() - 1) + 1;
            int lineEnd = text.indexOf('\n', code.end()) < 0 ? text.length() : text.indexOf('\n', code.end());
            boolean firstOnLine = lastEnd <= lineStart;
            Optional<String> before = name(text.substring(Math.max(lineStart, lastEnd), code.offset()));
            if (firstOnLine) {
                heading = headingAbove(text, lastEnd, lineStart);
            }
            int nextCode = i + 1 < codes.size() ? codes.get(i + 1).offset() : text.length();
            boolean nameFollows = firstOnLine && before.isEmpty() && nextCode >= lineEnd;
            Optional<String> after =
                    nameFollows ? name(text.substring(code.end(), Math.min(lineEnd, nextCode))) : Optional.empty();
            if (before.isPresent()) {
                // What follows on the line has this name and not that of the heading.
                heading = Optional.empty();
            }
            Optional<String> above = heading.isPresent() ? heading : sameBlock(named, text, code);
            named.add(code.withName(before.or(() -> after).or(() -> above)));
            lastEnd = code.end();
        }
        return named;
    }

    /** A line that is nothing but a name heads the codes beneath it. */
    private static Optional<String> headingAbove(String text, int from, int lineStart) {
        if (lineStart == 0 || from > lineStart - 1) {
            return Optional.empty();
        }
        int start = text.lastIndexOf('\n', lineStart - 2) + 1;
        return start >= from || from == 0
                ? name(text.substring(Math.max(from, start), lineStart - 1))
                : Optional.empty();
    }

    /** Whatever ends the lines, and with blanks in it or not. */
    static boolean hasEmptyLine(String text) {
        return EMPTY_LINE.matcher(text).find();
    }

    /** Several notations of one colour stand beneath one name, with no empty line between. */
    private static Optional<String> sameBlock(List<FoundCode> named, String text, FoundCode code) {
        if (named.isEmpty()) {
            return Optional.empty();
        }
        FoundCode last = named.get(named.size() - 1);
        String between = text.substring(last.end(), code.offset());
        boolean otherNotation = last.notation() != code.notation() && !last.ambiguous();
        return otherNotation && !hasEmptyLine(between) ? last.name() : Optional.empty();
    }

    private static Optional<String> name(String raw) {
        String name = raw;
        for (String open : new String[] {"{", ";", "|", "\t"}) {
            String rest = name.stripTrailing();
            name = rest.endsWith(open) ? rest.substring(0, rest.length() - 1) : name;
            name = name.substring(name.lastIndexOf(open) + 1);
        }
        name = stripped(name);
        String last = name.substring(Math.max(name.lastIndexOf(':'), name.lastIndexOf('(')) + 1)
                .strip();
        if (NO_NAMES.contains(last.toLowerCase(Locale.ROOT)) && last.length() < name.length()) {
            name = stripped(name.substring(0, name.length() - last.length()));
        }
        // What stands in brackets says more about the colour, or is a code that nobody can read.
        name = name.contains("(") ? stripped(name.substring(0, name.indexOf('('))) : name;
        boolean letters = name.chars().anyMatch(Character::isLetter);
        boolean isName = letters
                && name.length() <= LONGEST
                && name.split("\\s").length <= MOST_WORDS
                && !NO_NAMES.contains(name.toLowerCase(Locale.ROOT));
        return isName ? Optional.of(name) : Optional.empty();
    }

    /** Bullets, numbers of a list, dashes, colons and brackets around a name are none of it. */
    private static String stripped(String raw) {
        int from = 0;
        int end = raw.length();
        while (from < end && !Character.isLetter(raw.charAt(from))) {
            from++;
        }
        while (end > from && !isNameEnd(raw.charAt(end - 1))) {
            end--;
        }
        return raw.substring(from, end);
    }

    private static boolean isNameEnd(char c) {
        return Character.isLetterOrDigit(c);
    }
}
