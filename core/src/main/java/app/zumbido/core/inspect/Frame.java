package app.zumbido.core.inspect;

import java.io.Serializable;

/**
 * A part of a page, in shares of its width and height from the upper left corner. It may reach beyond the page.
 *
 * @param width never negative
 * @param height never negative
 */
public record Frame(double x, double y, double width, double height) implements Serializable {
    public static final Frame WHOLE = new Frame(0, 0, 1, 1);

    public Frame {
        if (!(width >= 0 && height >= 0)) {
            throw new IllegalArgumentException("A frame has no negative size");
        }
    }

    /** Whether a point lies in it. */
    public boolean holds(double pointX, double pointY) {
        return pointX >= x && pointX <= x + width && pointY >= y && pointY <= y + height;
    }

    public double area() {
        return width * height;
    }

    /** @return the share of this one that the other covers, 0 to 1; a line counts as if it were a little wide */
    public double coveredBy(Frame other) {
        return overlap(x, width, other.x, other.width) * overlap(y, height, other.y, other.height);
    }

    private static double overlap(double from, double length, double otherFrom, double otherLength) {
        double common = Math.min(from + length, otherFrom + otherLength) - Math.max(from, otherFrom);
        if (length == 0) {
            return common >= 0 ? 1 : 0;
        }
        return Math.max(0, Math.min(1, common / length));
    }

    /** @return the part of this one that lies in the other; the other itself if none does */
    public Frame clippedTo(Frame other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        double right = Math.min(x + width, other.x + other.width);
        double bottom = Math.min(y + height, other.y + other.height);
        return right < left || bottom < top ? other : new Frame(left, top, right - left, bottom - top);
    }

    /** @param gap that may lie between them, in the same shares */
    public boolean touches(Frame other, double gap) {
        return x - gap <= other.x + other.width
                && other.x - gap <= x + width
                && y - gap <= other.y + other.height
                && other.y - gap <= y + height;
    }
}
