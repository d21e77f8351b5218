package app.zumbido.core.color;

/**
 * sRGB in linear light, unbounded so that colours outside the gamut can be carried.
 * Source: IEC 61966-2-1:1999; W3C CSS Color Module Level 4, section 10.2.
 *
 * @param red 0 to 1 inside the gamut
 * @param green 0 to 1 inside the gamut
 * @param blue 0 to 1 inside the gamut
 */
public record LinearRgb(double red, double green, double blue) {
    /** Shares of the channels in relative luminance. */
    static final double OF_RED = 0.2126;

    static final double OF_GREEN = 0.7152;
    static final double OF_BLUE = 0.0722;

    private static final double[] OF_BYTE = new double[256];

    static {
        for (int i = 0; i < OF_BYTE.length; i++) {
            OF_BYTE[i] = decode(i / 255.0);
        }
    }

    public static LinearRgb of(Rgb rgb) {
        return new LinearRgb(OF_BYTE[rgb.red()], OF_BYTE[rgb.green()], OF_BYTE[rgb.blue()]);
    }

    /**
     * @param value an encoded channel, 0 to 255
     * @return the same in linear light, 0 to 1
     */
    public static double ofByte(int value) {
        return OF_BYTE[value];
    }

    /** @return relative luminance, 0 for black to 1 for white. Source: WCAG 2.2, definition 'relative luminance' */
    public double luminance() {
        return OF_RED * red + OF_GREEN * green + OF_BLUE * blue;
    }

    /** @return the nearest 8-bit colour, rounded half up; channels outside 0 to 1 are clipped */
    public Rgb toRgb() {
        return new Rgb(toByte(red), toByte(green), toByte(blue));
    }

    /**
     * @param linear a channel in linear light
     * @return the encoded channel, 0 to 255, rounded half up and clipped
     */
    public static int toByte(double linear) {
        return Rounding.toByte(encode(linear) * 255);
    }

    /**
     * @param tolerance how far a channel may lie outside 0 to 1, in linear light
     * @return whether the colour can be shown
     */
    public boolean inGamut(double tolerance) {
        return inside(red, tolerance) && inside(green, tolerance) && inside(blue, tolerance);
    }

    private static boolean inside(double channel, double tolerance) {
        return channel >= -tolerance && channel <= 1 + tolerance;
    }

    private static double decode(double encoded) {
        return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
    }

    private static double encode(double linear) {
        double size = Math.abs(linear);
        double encoded = size > 0.0031308 ? 1.055 * Math.pow(size, 1 / 2.4) - 0.055 : 12.92 * size;
        return Math.copySign(encoded, linear);
    }
}
