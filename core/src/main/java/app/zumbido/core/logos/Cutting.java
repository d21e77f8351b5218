package app.zumbido.core.logos;

/**
 * A part of a logo's page, in shares of its width and height from the upper left.
 *
 * @param x of the left edge, 0 to 1
 * @param y of the upper edge, 0 to 1
 */
public record Cutting(double x, double y, double width, double height) {
    /** Drawings are measured anew each time, and rounding moves an edge. */
    private static final double HARDLY = 0.004;

    public Cutting {
        if (!(x >= 0 && y >= 0 && width > 0 && height > 0 && x + width <= 1 + 1e-9 && y + height <= 1 + 1e-9)) {
            throw new IllegalArgumentException("A cutting lies on the page and is not empty");
        }
    }

    /** Whether all of the other lies in it. */
    public boolean holds(Cutting other) {
        return other.x >= x - HARDLY
                && other.y >= y - HARDLY
                && other.x + other.width <= x + width + HARDLY
                && other.y + other.height <= y + height + HARDLY;
    }

    /** Whether at least half of the other lies in it. */
    public boolean holdsMostOf(Cutting other) {
        double wide = Math.min(x + width, other.x + other.width) - Math.max(x, other.x);
        double tall = Math.min(y + height, other.y + other.height) - Math.max(y, other.y);
        return wide > 0 && tall > 0 && 2 * wide * tall >= other.width * other.height;
    }
}
