package app.zumbido.server.shelf;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.server.problem.Given;
import app.zumbido.server.problem.NotAColorException;
import app.zumbido.server.shelf.BrandMapper.ShelfColorRow;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Finds brands by name, by short code, by what a swatch is called, and by a colour in any notation. */
final class ShelfSearch {
    /** Farther away it is another colour; ΔE00, set by eye. */
    private static final double NEAR = 12;

    private final String text;
    private final Optional<Rgb> color;

    private ShelfSearch(String text, Optional<Rgb> color) {
        this.text = text;
        this.color = color;
    }

    static ShelfSearch of(String text) {
        String plain = text.strip();
        return new ShelfSearch(plain.toLowerCase(Locale.ROOT), color(plain));
    }

    private static Optional<Rgb> color(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(Given.color(text));
        } catch (NotAColorException e) {
            return Optional.empty();
        }
    }

    /**
     * @param distance 0 where a word was found, else how far the nearest colour is; ΔE00
     * @param hex the colour that was found, if one was
     */
    record Match(double distance, @Nullable String hex) {}

    /** @return nothing if the brand is not what is looked for */
    Optional<Match> match(BrandRow brand, List<ShelfColorRow> swatches) {
        if (contains(brand.name()) || contains(brand.shortCode())) {
            return Optional.of(new Match(0, null));
        }
        Optional<Match> called = swatches.stream()
                .filter(swatch -> contains(swatch.name()))
                .map(swatch -> new Match(0, swatch.hex()))
                .findFirst();
        return called.or(() -> nearest(swatches));
    }

    private boolean contains(@Nullable String words) {
        return words != null && words.toLowerCase(Locale.ROOT).contains(text);
    }

    private Optional<Match> nearest(List<ShelfColorRow> swatches) {
        return color.flatMap(wanted -> swatches.stream()
                .map(swatch -> new Match(Difference.between(Rgb.ofHex(swatch.hex()), wanted), swatch.hex()))
                .filter(match -> match.distance() <= NEAR)
                .min(Comparator.comparingDouble(Match::distance)));
    }
}
