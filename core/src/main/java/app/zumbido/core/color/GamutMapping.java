package app.zumbido.core.color;

/**
 * Brings any OKLCH colour into sRGB by reducing its chroma, with local clipping where the eye cannot tell.
 * Source: W3C CSS Color Module Level 4, section 13.2, 'CSS gamut mapping to an RGB destination'.
 */
public final class GamutMapping {
    /** A difference that is just noticeable; OKLab units. */
    private static final double JND = 0.02;
    /** How exactly the chroma is found; OKLab units. */
    private static final double EPSILON = 0.0001;
    /** How far out of gamut rounding alone may push a channel; linear light. */
    private static final double ROUNDING = 1e-6;

    private GamutMapping() {}

    public static Rgb toRgb(Oklch origin) {
        if (origin.l() >= 1) {
            return Rgb.WHITE;
        }
        if (origin.l() <= 0) {
            return Rgb.BLACK;
        }
        if (inGamut(origin)) {
            return origin.toOklab().toLinear().toRgb();
        }
        LinearRgb clipped = clip(origin);
        if (differenceByClipping(origin, clipped) < JND) {
            return clipped.toRgb();
        }
        double min = 0;
        double max = origin.c();
        boolean minInGamut = true;
        while (max - min > EPSILON) {
            double chroma = (min + max) / 2;
            Oklch current = origin.withChroma(chroma);
            if (minInGamut && inGamut(current)) {
                min = chroma;
                continue;
            }
            clipped = clip(current);
            double difference = differenceByClipping(current, clipped);
            if (difference >= JND) {
                max = chroma;
            } else if (JND - difference < EPSILON) {
                return clipped.toRgb();
            } else {
                minInGamut = false;
                min = chroma;
            }
        }
        return clipped.toRgb();
    }

    /** @return whether sRGB has the colour, but for rounding */
    public static boolean inGamut(Oklch color) {
        return color.toOklab().toLinear().inGamut(ROUNDING);
    }

    private static LinearRgb clip(Oklch color) {
        LinearRgb linear = color.toOklab().toLinear();
        return new LinearRgb(clip(linear.red()), clip(linear.green()), clip(linear.blue()));
    }

    private static double clip(double channel) {
        return Math.min(1, Math.max(0, channel));
    }

    private static double differenceByClipping(Oklch color, LinearRgb clipped) {
        return color.toOklab().distanceTo(Oklab.of(clipped));
    }
}
