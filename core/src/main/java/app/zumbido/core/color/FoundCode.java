package app.zumbido.core.color;

import java.util.Optional;

/**
 * A code that stands in a text.
 *
 * @param shown the colour that it means
 * @param text the code as it is written there
 * @param offset of its first character, 0 first
 * @param name what stands beside it, if that seems to be its name
 * @param ambiguous whether it may mean something else: six digits that may be a number, a word that may be only a word
 */
public record FoundCode(
        Shown shown, CodeNotation notation, String text, int offset, Optional<String> name, boolean ambiguous) {
    public Rgb color() {
        return shown.color();
    }

    /** @return the same under another name */
    public FoundCode named(String other) {
        return withName(Optional.of(other));
    }

    FoundCode withName(Optional<String> beside) {
        return new FoundCode(shown, notation, text, offset, beside, ambiguous);
    }

    int end() {
        return offset + text.length();
    }
}
