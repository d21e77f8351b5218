package app.zumbido.core.color;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Finds every colour code in a text: a mail, a list, a stylesheet. Reads each character a few times and never goes back,
 * so that no text takes long.
 */
public final class CodeScanner {
    /** A function or labelled numbers are not longer; characters. */
    private static final int LONGEST = 80;

    /** What stands before the numbers, the longer ones first. */
    private static final List<Label> LABELS = List.of(
            new Label("device-cmyk", CodeNotation.CMYK),
            new Label("oklch", CodeNotation.OKLCH),
            new Label("oklab", CodeNotation.OKLAB),
            new Label("cielab", CodeNotation.LAB),
            new Label("rgba", CodeNotation.RGB),
            new Label("hsla", CodeNotation.HSL),
            new Label("cmyk", CodeNotation.CMYK),
            new Label("srgb", CodeNotation.RGB),
            new Label("rgb", CodeNotation.RGB),
            new Label("hsl", CodeNotation.HSL),
            new Label("lab", CodeNotation.LAB),
            new Label("lch", CodeNotation.LCH));

    private record Label(String word, CodeNotation notation) {}

    private final String text;
    private final String lower;
    private final PressProfile press;
    private final List<FoundCode> found = new ArrayList<>();

    private CodeScanner(String text, PressProfile press) {
        this.text = text;
        this.press = press;
        lower = text.toLowerCase(Locale.ROOT);
    }

    /**
     * @param press makes CMYK codes colours
     * @return in the order of the text, each with the name that stands beside it; several notations of one colour in a block
     *     are one
     */
    public static List<FoundCode> scan(String text, PressProfile press) {
        CodeScanner scanner = new CodeScanner(text, press);
        scanner.scan();
        return CodeBlocks.merged(text, CodeNames.beside(text, scanner.found));
    }

    private void scan() {
        int at = 0;
        while (at < text.length()) {
            Optional<FoundCode> code = startsWord(at) ? codeAt(at) : Optional.empty();
            code.ifPresent(found::add);
            at = code.map(FoundCode::end).orElse(at + 1);
        }
        found.addAll(ColorWords.in(text, found));
        found.sort(Comparator.comparingInt(FoundCode::offset));
    }

    private boolean startsWord(int at) {
        return at == 0 || !isWordPart(text.charAt(at - 1));
    }

    private static boolean isWordPart(char c) {
        return Character.isLetterOrDigit(c) || c == '_';
    }

    private Optional<FoundCode> codeAt(int at) {
        char c = text.charAt(at);
        if (c == '#') {
            return hex(at, at + 1, false);
        }
        if (Character.digit(c, 16) >= 0) {
            Optional<FoundCode> bare = hex(at, at, true);
            if (bare.isPresent()) {
                return bare;
            }
        }
        return labelled(at).or(() -> lettered(at)).or(() -> bareNumbers(at));
    }

    /** Three numbers with commas between them, as in '40, 90, 160', may be a colour or a list of anything. */
    private Optional<FoundCode> bareNumbers(int at) {
        StringBuilder numbers = new StringBuilder();
        int end = at;
        for (int count = 0; count < 3; count++) {
            int from = count == 0 ? at : afterComma(end);
            end = from < 0 ? -1 : endOfDigits(from);
            if (end < 0) {
                return Optional.empty();
            }
            numbers.append(text, from, end).append(' ');
        }
        int before = at - 1;
        while (before >= 0 && text.charAt(before) == ' ') {
            before--;
        }
        boolean goesOn = afterComma(end) >= 0 || before >= 0 && ",.-".indexOf(text.charAt(before)) >= 0;
        int last = end;
        return goesOn
                ? Optional.empty()
                : CodeNumbers.parse(numbers.toString())
                        .flatMap(parsed -> parsed.color(CodeNotation.RGB, press))
                        .map(shown -> new FoundCode(
                                shown, CodeNotation.RGB, text.substring(at, last), at, Optional.empty(), true));
    }

    /** @return where what stands behind a comma begins; -1 if there is none */
    private int afterComma(int at) {
        if (at >= text.length() || text.charAt(at) != ',') {
            return -1;
        }
        return at + 1 < text.length() && text.charAt(at + 1) == ' ' ? at + 2 : at + 1;
    }

    /** @return where a whole number of at most three digits ends; -1 if none begins here, or it is longer */
    private int endOfDigits(int at) {
        int end = at;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        boolean whole = end == text.length() || !isWordPart(text.charAt(end)) && "%°".indexOf(text.charAt(end)) < 0;
        boolean decimal = isPoint(end);
        return end > at && end - at <= 3 && whole && !decimal ? end : -1;
    }

    private Optional<FoundCode> hex(int at, int from, boolean bare) {
        int end = from;
        while (end < text.length() && isHexDigit(text.charAt(end))) {
            end++;
        }
        int length = end - from;
        boolean whole = end == text.length() || !isWordPart(text.charAt(end));
        boolean known = bare ? length == 6 : length == 3 || length == 4 || length == 6 || length == 8;
        if (!whole || !known || bare && at > 0 && ".,".indexOf(text.charAt(at - 1)) >= 0 && isDigits(from, end)) {
            return Optional.empty();
        }
        // The fourth of four and the last two of eight are opacity.
        String digits = text.substring(from, from + (length == 4 ? 3 : Math.min(length, 6)));
        boolean labelled = bare && isAfterWord(at, "hex");
        boolean ambiguous = bare && !labelled && (isDigits(from, end) || isLetters(from, end));
        int last = end;
        return ColorCode.parseHex(digits)
                .map(rgb -> new FoundCode(
                        Shown.exactly(rgb),
                        CodeNotation.HEX,
                        text.substring(at, last),
                        at,
                        Optional.empty(),
                        ambiguous));
    }

    private static boolean isHexDigit(char c) {
        return c < 128 && Character.digit(c, 16) >= 0;
    }

    private boolean isDigits(int from, int end) {
        return text.substring(from, end).chars().allMatch(c -> c >= '0' && c <= '9');
    }

    private boolean isLetters(int from, int end) {
        return text.substring(from, end).chars().allMatch(Character::isLetter);
    }

    private boolean isAfterWord(int at, String word) {
        String before = lower.substring(Math.max(0, at - word.length() - 4), at).stripTrailing();
        String bare = before.endsWith(":") || before.endsWith("=")
                ? before.substring(0, before.length() - 1).stripTrailing()
                : before;
        return bare.endsWith(word);
    }

    /** A function with parentheses, or a label and its numbers. */
    private Optional<FoundCode> labelled(int at) {
        for (Label label : LABELS) {
            int after = at + label.word().length();
            if (lower.startsWith(label.word(), at) && (after == text.length() || !isWordPart(text.charAt(after)))) {
                return after < text.length() && text.charAt(after) == '('
                        ? function(at, after, label.notation())
                        : numbers(at, after, label.notation());
            }
        }
        return Optional.empty();
    }

    private Optional<FoundCode> function(int at, int open, CodeNotation notation) {
        int close =
                text.substring(open, Math.min(text.length(), open + LONGEST)).indexOf(')') + open;
        if (close <= open) {
            return Optional.empty();
        }
        return CodeNumbers.parse(text.substring(open + 1, close))
                .flatMap(numbers -> numbers.color(notation, press))
                .map(shown -> code(shown, notation, at, close + 1));
    }

    private FoundCode code(Shown shown, CodeNotation notation, int at, int end) {
        return new FoundCode(shown, notation, text.substring(at, end), at, Optional.empty(), false);
    }

    /** As in 'RGB 47 93 138' or 'CMYK: 80, 44, 0, 38'; letters may stand before the numbers, as in 'RGB: R47 G93 B138'. */
    private Optional<FoundCode> numbers(int at, int after, CodeNotation notation) {
        int from = after;
        while (from < text.length() && " \t:=".indexOf(text.charAt(from)) >= 0) {
            from++;
        }
        int wanted = notation == CodeNotation.CMYK ? 4 : 3;
        StringBuilder numbers = new StringBuilder();
        int end = from;
        int count = 0;
        while (count < wanted && end < text.length()) {
            int number = skipDividers(end, count > 0);
            int next = endOfNumber(number);
            if (next < 0) {
                break;
            }
            numbers.append(text, number, next).append(' ');
            end = next;
            count++;
        }
        if (count < wanted || end - at > LONGEST) {
            return lettered(from);
        }
        int last = end;
        return CodeNumbers.parse(numbers.toString())
                .flatMap(parsed -> parsed.color(notation, press))
                .map(shown -> code(shown, notation, at, last));
    }

    private int skipDividers(int at, boolean inside) {
        int next = at;
        while (inside && next < text.length() && " \t,/|-".indexOf(text.charAt(next)) >= 0) {
            // A minus before a digit belongs to the number, unless a hyphen divides.
            if (text.charAt(next) == '-' && next > at) {
                break;
            }
            next++;
        }
        return next;
    }

    /** @return where a number ends that begins here, with its percent or degree sign; -1 if none does */
    private int endOfNumber(int at) {
        int end = at < text.length() && text.charAt(at) == '-' ? at + 1 : at;
        int first = end;
        while (end < text.length() && (Character.isDigit(text.charAt(end)) || isPoint(end))) {
            end++;
        }
        if (end == first) {
            return -1;
        }
        return end < text.length() && (text.charAt(end) == '%' || text.charAt(end) == '°') ? end + 1 : end;
    }

    private boolean isPoint(int at) {
        return at < text.length()
                && text.charAt(at) == '.'
                && at + 1 < text.length()
                && Character.isDigit(text.charAt(at + 1));
    }

    /** As in 'C 80 M 44 Y 0 K 38' or 'R:47 G:93 B:138'. */
    private Optional<FoundCode> lettered(int at) {
        return lettered(at, "cmyk", CodeNotation.CMYK).or(() -> lettered(at, "rgb", CodeNotation.RGB));
    }

    private Optional<FoundCode> lettered(int at, String letters, CodeNotation notation) {
        StringBuilder numbers = new StringBuilder();
        int end = at;
        for (int i = 0; i < letters.length(); i++) {
            int letter = i == 0 ? end : skipDividers(end, true);
            if (letter >= text.length() || lower.charAt(letter) != letters.charAt(i)) {
                return Optional.empty();
            }
            int from = letter + 1;
            while (from < text.length() && " \t:=".indexOf(text.charAt(from)) >= 0) {
                from++;
            }
            end = endOfNumber(from);
            if (end < 0) {
                return Optional.empty();
            }
            numbers.append(text, from, end).append(' ');
        }
        int last = end;
        return CodeNumbers.parse(numbers.toString())
                .flatMap(parsed -> parsed.color(notation, press))
                .map(shown -> code(shown, notation, at, last));
    }
}
