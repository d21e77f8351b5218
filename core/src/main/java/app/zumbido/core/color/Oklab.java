package app.zumbido.core.color;

/**
 * OKLab. Source: B. Ottosson, 'A perceptual color space for image processing', 2020; matrices as recomputed in W3C
 * CSS Color Module Level 4, section 18, sample code.
 *
 * @param l lightness, 0 to 1
 * @param a green to red, about -0.24 to 0.28 for sRGB
 * @param b blue to yellow, about -0.32 to 0.20 for sRGB
 */
public record Oklab(double l, double a, double b) {
    private static final Matrix3 XYZ_TO_LMS = new Matrix3(
            0.8190224379967030,
            0.3619062600528904,
            -0.1288737815209879,
            0.0329836539323885,
            0.9292868615863434,
            0.0361446663506424,
            0.0481771893596242,
            0.2642395317527308,
            0.6335478284694309);
    private static final Matrix3 LMS_TO_LAB = new Matrix3(
            0.2104542683093140,
            0.7936177747023054,
            -0.0040720430116193,
            1.9779985324311684,
            -2.4285922420485799,
            0.4505937096174110,
            0.0259040424655478,
            0.7827717124575296,
            -0.8086757549230774);
    private static final Matrix3 LAB_TO_LMS = new Matrix3(
            1,
            0.3963377773761749,
            0.2158037573099136,
            1,
            -0.1055613458156586,
            -0.0638541728258133,
            1,
            -0.0894841775298119,
            -1.2914855480194092);
    private static final Matrix3 LMS_TO_XYZ = new Matrix3(
            1.2268798758459243,
            -0.5578149944602171,
            0.2813910456659647,
            -0.0405757452148008,
            1.1122868032803170,
            -0.0717110580655164,
            -0.0763729366746601,
            -0.4214933324022432,
            1.5869240198367816);

    public static Oklab of(Rgb rgb) {
        return of(LinearRgb.of(rgb));
    }

    public static Oklab of(LinearRgb linear) {
        Xyz xyz = Xyz.d65(linear);
        double[] lms = XYZ_TO_LMS.times(xyz.x(), xyz.y(), xyz.z());
        double[] lab = LMS_TO_LAB.times(Math.cbrt(lms[0]), Math.cbrt(lms[1]), Math.cbrt(lms[2]));
        return new Oklab(lab[0], lab[1], lab[2]);
    }

    /** @return unbounded: the colour may lie outside sRGB */
    public LinearRgb toLinear() {
        double[] lms = LAB_TO_LMS.times(l, a, b);
        double[] xyz = LMS_TO_XYZ.times(cube(lms[0]), cube(lms[1]), cube(lms[2]));
        return new Xyz(xyz[0], xyz[1], xyz[2]).toLinear();
    }

    /** @return Euclidean distance; about 0.02 is just noticeable */
    public double distanceTo(Oklab other) {
        double dl = l - other.l;
        double da = a - other.a;
        double db = b - other.b;
        return Math.sqrt(dl * dl + da * da + db * db);
    }

    /** @return distance from grey, 0 to about 0.32 for sRGB */
    public double chroma() {
        return Math.hypot(a, b);
    }

    private static double cube(double value) {
        return value * value * value;
    }
}
