package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;

/**
 * Tells a picture that is as it was drawn from one that went through a lossy format, a scanner or a camera. Drawn edges
 * and gradients rise or fall; noise goes up and down by a little.
 */
final class Wear {
    /** Noise changes a channel by no more; of 255. */
    private static final int LITTLE = 12;
    /** Share of the pixels that bump, from which a picture is worn. */
    private static final double LEAST_SHARE = 0.004;
    /** So many rows are looked at. */
    private static final int ROWS = 400;

    private Wear() {}

    static boolean isWorn(Pixels pixels) {
        int step = Math.max(1, pixels.height() / ROWS);
        long bumps = 0;
        long seen = 0;
        for (int y = 0; y < pixels.height(); y += step) {
            for (int x = 1; x + 1 < pixels.width(); x++) {
                int middle = pixels.at(x, y);
                seen += Alpha.opaque(middle) ? 1 : 0;
                bumps += bumps(pixels.at(x - 1, y), middle, pixels.at(x + 1, y)) ? 1 : 0;
            }
        }
        return bumps > seen * LEAST_SHARE;
    }

    private static boolean bumps(int left, int middle, int right) {
        return Alpha.opaque(left)
                && Alpha.opaque(middle)
                && Alpha.opaque(right)
                && (bump(left >> 16 & 0xFF, middle >> 16 & 0xFF, right >> 16 & 0xFF)
                        || bump(left >> 8 & 0xFF, middle >> 8 & 0xFF, right >> 8 & 0xFF)
                        || bump(left & 0xFF, middle & 0xFF, right & 0xFF));
    }

    private static boolean bump(int left, int middle, int right) {
        int one = middle - left;
        int other = middle - right;
        return one * other > 0 && Math.abs(one) <= LITTLE && Math.abs(other) <= LITTLE;
    }
}
