package app.zumbido.core.logos;

import java.util.Optional;

/**
 * How much room a form wants and how small it may be; what is absent is measured from the mark itself.
 *
 * @param clear space around it, in heights of the form
 * @param millimetres least width in print
 * @param pixels least width on a screen, in CSS pixels
 */
public record LogoMeasures(Optional<Double> clear, Optional<Double> millimetres, Optional<Integer> pixels) {
    public static final double MOST_CLEAR = 2;
    public static final double MOST_MILLIMETRES = 500;
    public static final int MOST_PIXELS = 2000;

    public static final LogoMeasures MEASURED = new LogoMeasures(Optional.empty(), Optional.empty(), Optional.empty());

    /** A stroke that is thinner breaks up in print; millimetres (common practice, no published source). */
    private static final double THINNEST_IN_PRINT = 0.2;
    /** A stroke that is thinner is grey on a screen; pixels (common practice, no published source). */
    private static final double THINNEST_ON_SCREEN = 1;

    public LogoMeasures {
        if (clear.filter(value -> !(value >= 0 && value <= MOST_CLEAR)).isPresent()
                || millimetres
                        .filter(value -> !(value > 0 && value <= MOST_MILLIMETRES))
                        .isPresent()
                || pixels.filter(value -> value < 1 || value > MOST_PIXELS).isPresent()) {
            throw new IllegalArgumentException("Clear space is at most twice the height, sizes are above 0");
        }
    }

    /** @param width of the form, in thicknesses of its thinnest stroke @return least width in print, in whole millimetres */
    public static double leastMillimetres(double width) {
        return Math.min(MOST_MILLIMETRES, Math.max(1, Math.ceil(width * THINNEST_IN_PRINT)));
    }

    /** @param width of the form, in thicknesses of its thinnest stroke @return least width on a screen, in CSS pixels */
    public static int leastPixels(double width) {
        return (int) Math.min(MOST_PIXELS, Math.max(1, Math.ceil(width * THINNEST_ON_SCREEN)));
    }
}
