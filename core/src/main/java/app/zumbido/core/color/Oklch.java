package app.zumbido.core.color;

import java.util.Optional;

/**
 * OKLab in polar form. Source: W3C CSS Color Module Level 4, section 9.
 *
 * @param l lightness, 0 to 1
 * @param c chroma, 0 to about 0.32 for sRGB
 * @param hue nothing for a grey
 */
public record Oklch(double l, double c, Optional<Degrees> hue) {
    /** Below this chroma a hue is rounding noise: CSS Color 4 calls it powerless; unit of OKLab. */
    /** From this chroma people name a hue. Common practice, no published source. */
    private static final double COLORFUL = 0.05;

    private static final double POWERLESS_CHROMA = 0.000004;

    public static Oklch of(Rgb rgb) {
        return of(Oklab.of(rgb));
    }

    public static Oklch of(Oklab lab) {
        double chroma = lab.chroma();
        return new Oklch(
                lab.l(),
                chroma,
                chroma < POWERLESS_CHROMA ? Optional.empty() : Optional.of(Degrees.ofAxes(lab.a(), lab.b())));
    }

    /** Whether people name a hue for it. */
    public boolean isColorful() {
        return c >= COLORFUL;
    }

    public Oklab toOklab() {
        double radians = Math.toRadians(hue.map(Degrees::value).orElse(0.0));
        return new Oklab(l, c * Math.cos(radians), c * Math.sin(radians));
    }

    public Oklch withLightness(double lightness) {
        return new Oklch(lightness, c, hue);
    }

    public Oklch withChroma(double chroma) {
        return new Oklch(l, chroma, hue);
    }
}
