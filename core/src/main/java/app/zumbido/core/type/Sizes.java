package app.zumbido.core.type;

import java.math.BigDecimal;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How large a role is set.
 *
 * @param slides on slides, in points
 * @param letters on paper, in points
 * @param site on the web, in CSS pixels
 */
public record Sizes(double slides, double letters, double site) {
    public static final double LEAST = 4;
    public static final double MOST = 400;

    public Sizes {
        require(slides);
        require(letters);
        require(site);
    }

    private static void require(double size) {
        // Also what is no number.
        if (!(size >= LEAST && size <= MOST)) {
            throw new IllegalArgumentException("A size is " + LEAST + " to " + MOST);
        }
    }

    /** @return each times the factor, on whole and half points */
    public Sizes times(double factor) {
        return new Sizes(half(slides * factor), half(letters * factor), half(site * factor));
    }

    /** @return as in '36 / 26 / 32' */
    public String plain() {
        return Stream.of(slides, letters, site)
                .map(size -> BigDecimal.valueOf(size).stripTrailingZeros().toPlainString())
                .collect(Collectors.joining(" / "));
    }

    private static double half(double size) {
        return Math.max(LEAST, Math.min(MOST, size < 16 ? Math.rint(size * 2) / 2 : Math.rint(size)));
    }
}
