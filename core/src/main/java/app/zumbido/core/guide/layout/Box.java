package app.zumbido.core.guide.layout;

/** A rectangle in points, y downwards. */
public record Box(double x, double y, double width, double height) {
    /** Touching is no overlapping; what rounding makes of sums is forgiven, in points. */
    private static final double SLACK = 0.01;

    public Box {
        // Also what is no number.
        if (!(width >= 0 && height >= 0)) {
            throw new IllegalArgumentException("A box is " + width + " x " + height);
        }
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public Box moved(double dx, double dy) {
        return new Box(x + dx, y + dy, width, height);
    }

    /** @return smaller by that much on every side; never less than nothing */
    public Box inset(double by) {
        double across = Math.min(by, width / 2);
        double down = Math.min(by, height / 2);
        return new Box(x + across, y + down, width - 2 * across, height - 2 * down);
    }

    public boolean overlaps(Box other) {
        return x < other.right() - SLACK
                && other.x < right() - SLACK
                && y < other.bottom() - SLACK
                && other.y < bottom() - SLACK;
    }

    public boolean contains(Box other) {
        return other.x >= x - SLACK
                && other.y >= y - SLACK
                && other.right() <= right() + SLACK
                && other.bottom() <= bottom() + SLACK;
    }

    /** @param ratio width for one unit of height @return the largest of that shape in the middle of it */
    public Box fitting(double ratio) {
        double wide = Math.min(width, height * ratio);
        double tall = wide / ratio;
        return new Box(x + (width - wide) / 2, y + (height - tall) / 2, wide, tall);
    }
}
