package app.zumbido.core.color;

/**
 * A share of a whole: opacity, coverage.
 *
 * @param value 0 to 1
 */
public record Fraction(double value) {
    public Fraction {
        if (!(value >= 0 && value <= 1)) {
            throw new IllegalArgumentException("A fraction is 0 to 1, not " + value);
        }
    }

    public static Fraction of(double value) {
        return new Fraction(value);
    }
}
