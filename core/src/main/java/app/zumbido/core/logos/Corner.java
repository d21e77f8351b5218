package app.zumbido.core.logos;

/** Where on a picture a logo may stand. */
public enum Corner {
    UPPER_LEFT(0, 0),
    UPPER_RIGHT(1, 0),
    LOWER_LEFT(0, 1),
    LOWER_RIGHT(1, 1),
    MIDDLE(0.5, 0.5);

    /** How much of the picture a logo takes there, with room around it; shares (common practice, no published source). */
    static final double WIDE = 0.4;

    static final double TALL = 0.35;

    private final double x;
    private final double y;

    Corner(double x, double y) {
        this.x = x;
        this.y = y;
    }

    /** @return share of the free width that lies to its left */
    double x() {
        return x;
    }

    /** @return share of the free height that lies above it */
    double y() {
        return y;
    }
}
