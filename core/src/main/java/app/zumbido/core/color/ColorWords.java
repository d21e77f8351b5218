package app.zumbido.core.color;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/** Finds the colour names of CSS in a text, where they are no part of somebody's own names. */
final class ColorWords {
    private final String text;
    private final List<FoundCode> codes;
    private final List<FoundCode> found = new ArrayList<>();

    private ColorWords(String text, List<FoundCode> codes) {
        this.text = text;
        this.codes = codes;
    }

    /** @param codes all other codes of the text, in its order */
    static List<FoundCode> in(String text, List<FoundCode> codes) {
        return new ColorWords(text, codes).find();
    }

    /**
     * Colour names count where no code stands on the line or begins the next one, since there they are part of
     * somebody's own names.
     */
    private List<FoundCode> find() {
        Deque<FoundCode> codes = new ArrayDeque<>(this.codes);
        int start = 0;
        while (start < text.length()) {
            int end = endOfLine(start);
            int next = endOfLine(Math.min(text.length(), end + 1));
            while (!codes.isEmpty() && codes.peek().end() <= start) {
                codes.remove();
            }
            if (codes.isEmpty() || codes.peek().offset() >= next) {
                addOf(start, end);
            }
            start = end + 1;
        }
        return found;
    }

    private int endOfLine(int from) {
        int end = text.indexOf('\n', from);
        return end < 0 ? text.length() : end;
    }

    private void addOf(int start, int end) {
        List<FoundCode> named = new ArrayList<>();
        boolean onlyNames = true;
        int at = start;
        while (at < end) {
            int next = at;
            while (next < end && Character.isLetter(text.charAt(next))) {
                next++;
            }
            if (next > at) {
                String word = text.substring(at, next);
                Optional<Rgb> rgb = NamedColors.find(word);
                boolean value = isValue(at, start);
                int offset = at;
                rgb.ifPresent(c -> named.add(
                        new FoundCode(Shown.exactly(c), CodeNotation.NAME, word, offset, Optional.empty(), !value)));
                onlyNames &= rgb.isPresent();
            }
            at = Math.max(next, at + 1);
        }
        boolean sure = onlyNames;
        named.forEach(code -> found.add(
                sure
                        ? new FoundCode(
                                code.shown(), code.notation(), code.text(), code.offset(), Optional.empty(), false)
                        : code));
    }

    /** @return whether it is what a stylesheet gives to a property */
    private boolean isValue(int at, int start) {
        int before = at - 1;
        while (before > start && Character.isWhitespace(text.charAt(before))) {
            before--;
        }
        return before > start && text.charAt(before) == ':';
    }
}
