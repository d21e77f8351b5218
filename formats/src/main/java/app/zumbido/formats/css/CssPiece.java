package app.zumbido.formats.css;

import app.zumbido.core.inspect.Spot;
import com.helger.css.CSSSourceArea;
import com.helger.css.CSSSourceLocation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A stylesheet, or what stands in a style attribute, and where it stands in the file. */
public final class CssPiece {
    private final String text;
    private final String part;
    private final OptionalInt base;
    private final List<Integer> lines = new ArrayList<>();

    /**
     * @param part of the file; empty where the file is one text
     * @param base where in the part the text begins; nothing where it does not stand there letter by letter
     */
    public CssPiece(String text, String part, OptionalInt base) {
        this.text = text;
        this.part = part;
        this.base = base;
        lines.add(0);
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean half = c == '\r' && i + 1 < text.length() && text.charAt(i + 1) == '\n';
            if (c == '\n' || c == '\r' && !half) {
                lines.add(i + 1);
            }
        }
    }

    /** @return what the parser gets: to it a tab is as many columns as it fills, and columns are what it tells */
    String forParser() {
        return text.replace('\t', ' ');
    }

    /** @return where the word stands, if the parser says that it is there */
    Optional<Spot> word(CSSSourceLocation location, String word) {
        return begin(location)
                .filter(from -> text.regionMatches(true, from, word, 0, word.length()))
                .flatMap(from -> spot(from, from + word.length()));
    }

    /** @return where the function stands with its arguments */
    Optional<Spot> function(CSSSourceLocation location, String name) {
        CSSSourceArea last = location == null ? null : location.getLastTokenArea();
        return last == null
                ? Optional.empty()
                : begin(location)
                        .filter(from -> text.regionMatches(true, from, name + "(", 0, name.length() + 1))
                        .flatMap(from -> at(last.getTokenEndLineNumber(), last.getTokenEndColumnNumber())
                                .map(end -> text.lastIndexOf(')', end))
                                .filter(end -> end > from)
                                .flatMap(end -> spot(from, end + 1)));
    }

    private Optional<Integer> begin(CSSSourceLocation location) {
        CSSSourceArea first = location == null ? null : location.getFirstTokenArea();
        return first == null
                ? Optional.empty()
                : at(first.getTokenBeginLineNumber(), first.getTokenBeginColumnNumber());
    }

    private Optional<Integer> at(int line, int column) {
        if (line < 1 || line > lines.size() || column < 1) {
            return Optional.empty();
        }
        int at = lines.get(line - 1) + column - 1;
        return at < text.length() ? Optional.of(at) : Optional.empty();
    }

    private Optional<Spot> spot(int from, int to) {
        return base.isPresent()
                ? Optional.of(new Spot(part, base.getAsInt() + from, base.getAsInt() + to))
                : Optional.empty();
    }
}
