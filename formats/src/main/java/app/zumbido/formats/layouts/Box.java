package app.zumbido.formats.layouts;

/** A place on a slide, in English Metric Units. */
public record Box(long x, long y, long width, long height) {
    private static final double INCH = 914_400;

    /** @param y and height in inches */
    static Box of(long x, double y, long width, double height) {
        return new Box(x, units(y), width, units(height));
    }

    public static long units(double inches) {
        return Math.round(inches * INCH);
    }

    Box right(long by) {
        return new Box(x + by, y, width - by, height);
    }

    Box narrower(long by) {
        return new Box(x, y, width - by, height);
    }

    long rightEdge() {
        return x + width;
    }

    long lowerEdge() {
        return y + height;
    }

    /** @return what is as wide and high as fits in, from the left or to the right, in the middle of its height */
    Box fitting(double ratio, boolean toTheRight) {
        long wide = Math.max(1, Math.min(width, Math.round(height * ratio)));
        long tall = Math.max(1, Math.min(height, Math.round(wide / ratio)));
        return new Box(toTheRight ? rightEdge() - wide : x, y + (height - tall) / 2, wide, tall);
    }
}
