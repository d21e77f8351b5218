package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Rounding;

/**
 * A colour between the steps of 8 bits, as a point in the cube of sRGB: mixtures of two colours, as smoothing and
 * gradients make them, lie on the straight line between both.
 *
 * @param red of 255
 * @param green of 255
 * @param blue of 255
 */
record Point(double red, double green, double blue) {
    static Point of(int rgb) {
        return new Point(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
    }

    static Point of(Rgb rgb) {
        return of(rgb.packed());
    }

    /** @return the light in it, of 255, as JPEG divides it from hue. Source: ITU-T T.871, 7 */
    double light() {
        return 0.299 * red + 0.587 * green + 0.114 * blue;
    }

    /** @return the nearest colour of 8 bits */
    Rgb toRgb() {
        return new Rgb(Rounding.toByte(red), Rounding.toByte(green), Rounding.toByte(blue));
    }

    Point minus(Point other) {
        return new Point(red - other.red, green - other.green, blue - other.blue);
    }

    /** @return this and so many times the other */
    Point plus(Point other, double times) {
        return new Point(red + times * other.red, green + times * other.green, blue + times * other.blue);
    }

    double dot(Point other) {
        return red * other.red + green * other.green + blue * other.blue;
    }

    double length() {
        return Math.sqrt(dot(this));
    }

    double distanceTo(Point other) {
        return minus(other).length();
    }

    /** @param rgb 0xRRGGBB */
    double distanceTo(int rgb) {
        double dr = red - (rgb >> 16 & 0xFF);
        double dg = green - (rgb >> 8 & 0xFF);
        double db = blue - (rgb & 0xFF);
        return Math.sqrt(dr * dr + dg * dg + db * db);
    }

    /** @return where on the line through both this comes nearest: 0 at one, 1 at the other */
    double along(Point one, Point other) {
        Point way = other.minus(one);
        double length = way.dot(way);
        return length == 0 ? 0 : minus(one).dot(way) / length;
    }

    /** @return how far from the straight line between both, beyond its ends as well */
    double distanceToLine(Point one, Point other) {
        return distanceTo(one.plus(other.minus(one), along(one, other)));
    }

    /** @return how far from the straight line between both and not beyond */
    double distanceToSegment(Point one, Point other) {
        double at = Math.max(0, Math.min(1, along(one, other)));
        return distanceTo(one.plus(other.minus(one), at));
    }
}
