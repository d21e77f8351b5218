package app.zumbido.core.color;

/**
 * How far two colours lie apart in luminance, as legibility needs it. Source: WCAG 2.2, definitions 'relative
 * luminance' and 'contrast ratio'.
 *
 * @param value ratio in [1, 21], unrounded: 4.499 must fail although it prints as 4.5
 */
public record ContrastRatio(double value) implements Comparable<ContrastRatio> {
    public static ContrastRatio between(Rgb one, Rgb other) {
        return ofLuminances(relativeLuminance(one), relativeLuminance(other));
    }

    /**
     * @param one relative luminance, 0 to 1
     * @param other relative luminance, 0 to 1
     */
    public static ContrastRatio ofLuminances(double one, double other) {
        return new ContrastRatio((Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05));
    }

    /** @return 0 for black to 1 for white */
    public static double relativeLuminance(Rgb rgb) {
        return LinearRgb.of(rgb).luminance();
    }

    public boolean reaches(double threshold) {
        return value >= threshold;
    }

    @Override
    public int compareTo(ContrastRatio other) {
        return Double.compare(value, other.value);
    }
}
