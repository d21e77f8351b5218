package app.zumbido.core.color;

/**
 * Lays a colour over another. Source: W3C Compositing and Blending Level 1, section 5.1, 'simple alpha compositing';
 * on encoded sRGB values, as browsers and document programs do it.
 */
public final class Compositing {
    private Compositing() {}

    /**
     * @param opacity how much of the overlay shows; 0.7 lets 30 % of the ground through
     * @return what is seen, rounded half up
     */
    public static Rgb over(Rgb overlay, Fraction opacity, Rgb ground) {
        double alpha = opacity.value();
        return new Rgb(
                mix(overlay.red(), alpha, ground.red()),
                mix(overlay.green(), alpha, ground.green()),
                mix(overlay.blue(), alpha, ground.blue()));
    }

    private static int mix(int overlay, double alpha, int ground) {
        // The margin keeps exact halves from falling short by a rounding error of the multiplication.
        return Rounding.toByte(overlay * alpha + ground * (1 - alpha));
    }
}
