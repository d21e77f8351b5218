package app.zumbido.core.color;

import java.util.Optional;

/**
 * CIELAB under D50. Source: CIE 15:2004, 8.2.1.1; adaptation as in W3C CSS Color Module Level 4, section 9.
 *
 * @param l lightness, 0 to 100
 * @param a green to red, unbounded, about -90 to 95 for sRGB
 * @param b blue to yellow, unbounded, about -112 to 94 for sRGB
 */
public record Lab(double l, double a, double b) {
    /** κ, CIE 15:2004 8.2.1.1; unitless. */
    private static final double KAPPA = 24389.0 / 27;
    /** ε, CIE 15:2004 8.2.1.1; unitless. */
    private static final double EPSILON = 216.0 / 24389;
    /** The white of D50, from its chromaticity 0.3457, 0.3585 (CSS Color 4, section 10). */
    private static final Xyz D50 = new Xyz(0.3457 / 0.3585, 1, (1 - 0.3457 - 0.3585) / 0.3585);
    /** Below this chroma a hue is rounding noise: CSS Color 4 calls it powerless; unit of Lab. */
    private static final double POWERLESS_CHROMA = 0.0015;

    public static Lab of(Rgb rgb) {
        Xyz xyz = Xyz.d65(LinearRgb.of(rgb)).adaptedToD50();
        double fx = f(xyz.x() / D50.x());
        double fy = f(xyz.y() / D50.y());
        double fz = f(xyz.z() / D50.z());
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double f(double ratio) {
        return ratio > EPSILON ? Math.cbrt(ratio) : (KAPPA * ratio + 16) / 116;
    }

    /** @return in linear light, also beyond what sRGB holds */
    public LinearRgb toLinear() {
        double fy = (l + 16) / 116;
        double fx = fy + a / 500;
        double fz = fy - b / 200;
        Xyz xyz = new Xyz(D50.x() * inverse(fx), D50.y() * inverse(fy), D50.z() * inverse(fz));
        return xyz.adaptedToD65().toLinear();
    }

    private static double inverse(double f) {
        double cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
    }

    /** @return distance from grey, 0 to about 134 for sRGB */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** @return nothing for a grey */
    public Optional<Degrees> hue() {
        return chroma() < POWERLESS_CHROMA ? Optional.empty() : Optional.of(Degrees.ofAxes(a, b));
    }
}
