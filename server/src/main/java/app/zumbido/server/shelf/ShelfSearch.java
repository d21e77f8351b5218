package app.zumbido.server.shelf;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.NotAColorException;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What somebody looks for on the shelf: a name, a short code, what a swatch is called, or a colour in any notation.
 *
 * @param words every way of writing that the database tells apart; none: everything is looked for
 * @param color if the text is the code of one
 */
record ShelfSearch(Set<String> words, Optional<Rgb> color) {
    /** Farther away it is another colour; ΔE00, set by eye. */
    private static final double NEAR = 12;

    static ShelfSearch of(String text) {
        String plain = text.strip();
        return new ShelfSearch(words(plain), color(plain));
    }

    /** The database lowers only the letters of ASCII: the others are looked for as capitals and as small letters. */
    private static Set<String> words(String text) {
        if (text.isEmpty()) {
            return Set.of();
        }
        Set<String> words = new LinkedHashSet<>();
        words.add(text.toLowerCase(Locale.ROOT));
        words.add(lowerOfAscii(text.toUpperCase(Locale.ROOT)));
        words.add(lowerOfAscii(text));
        return words;
    }

    private static String lowerOfAscii(String text) {
        StringBuilder lower = new StringBuilder();
        text.chars().forEach(c -> lower.append((char) (c >= 'A' && c <= 'Z' ? c + 32 : c)));
        return lower.toString();
    }

    private static Optional<Rgb> color(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(Given.color(text));
        } catch (NotAColorException e) {
            return Optional.empty();
        }
    }

    /** @return by code how far it is away, ΔE00, the nearest first; only those that are near */
    Map<String, Double> near(Collection<String> hexes) {
        Map<String, Double> near = new LinkedHashMap<>();
        color.ifPresent(wanted -> hexes.stream()
                .map(hex -> Map.entry(hex, Difference.between(Rgb.ofHex(hex), wanted)))
                .filter(entry -> entry.getValue() <= NEAR)
                .sorted(Comparator.comparingDouble(Map.Entry::getValue))
                .forEach(entry -> near.put(entry.getKey(), entry.getValue())));
        return near;
    }
}
