package app.zumbido.core.color;

/**
 * Colour difference CIEDE2000. Source: CIE 142-2001; G. Sharma, W. Wu, E. N. Dalal, 'The CIEDE2000 Color-Difference
 * Formula: Implementation Notes, Supplementary Test Data, and Mathematical Observations', 2005. Equation numbers are
 * theirs; the weights kL, kC and kH are 1.
 */
public final class Difference {
    /** From here two colours are told apart at a glance; ΔE00. Common practice, no published source. */
    public static final double TOLD_APART = 10;

    /** 25^7, of equations 4 and 19. */
    private static final double POW_25_7 = 6103515625.0;

    private Difference() {}

    /** @return ΔE00, 0 for equal colours to about 100 */
    public static double between(Rgb one, Rgb other) {
        return between(Lab.of(one), Lab.of(other));
    }

    /** @return ΔE00, 0 for equal colours to about 100; the order of the two makes no difference */
    public static double between(Lab one, Lab other) {
        double meanChroma = (one.chroma() + other.chroma()) / 2;
        double g = 0.5 * (1 - chromaWeight(meanChroma)); // (4)
        double a1 = (1 + g) * one.a(); // (5)
        double a2 = (1 + g) * other.a();
        double c1 = Math.hypot(a1, one.b()); // (6)
        double c2 = Math.hypot(a2, other.b());
        double h1 = hue(a1, one.b()); // (7)
        double h2 = hue(a2, other.b());

        double dL = other.l() - one.l(); // (8)
        double dC = c2 - c1; // (9)
        double dh = hueDifference(h1, h2, c1 * c2); // (10)
        double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2)); // (11)

        double meanL = (one.l() + other.l()) / 2; // (12)
        double meanC = (c1 + c2) / 2; // (13)
        double meanH = meanHue(h1, h2, c1 * c2); // (14)
        double t = 1
                - 0.17 * cos(meanH - 30)
                + 0.24 * cos(2 * meanH)
                + 0.32 * cos(3 * meanH + 6)
                - 0.20 * cos(4 * meanH - 63); // (15)
        double rotation = 30 * Math.exp(-square((meanH - 275) / 25)); // (16)
        double rC = 2 * chromaWeight(meanC); // (17)
        double sL = 1 + 0.015 * square(meanL - 50) / Math.sqrt(20 + square(meanL - 50)); // (18)
        double sC = 1 + 0.045 * meanC; // (19)
        double sH = 1 + 0.015 * meanC * t; // (20)
        double rT = -Math.sin(Math.toRadians(2 * rotation)) * rC; // (21)
        return Math.sqrt(square(dL / sL) + square(dC / sC) + square(dH / sH) + rT * (dC / sC) * (dH / sH)); // (22)
    }

    private static double chromaWeight(double chroma) {
        double seventh = Math.pow(chroma, 7);
        return Math.sqrt(seventh / (seventh + POW_25_7));
    }

    private static double hue(double a, double b) {
        return a == 0 && b == 0 ? 0 : Degrees.ofAxes(a, b).value();
    }

    private static double hueDifference(double h1, double h2, double chromaProduct) {
        if (chromaProduct == 0) {
            return 0;
        }
        double difference = h2 - h1;
        if (difference > 180) {
            return difference - 360;
        }
        return difference < -180 ? difference + 360 : difference;
    }

    private static double meanHue(double h1, double h2, double chromaProduct) {
        double sum = h1 + h2;
        if (chromaProduct == 0) {
            return sum;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    private static double square(double value) {
        return value * value;
    }
}
