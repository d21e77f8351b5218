package app.zumbido.core.type.match;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A word as a picture shows it.
 *
 * @param ink cropped to the word in height, over the whole width
 * @param top where letters begin beneath the upper edge of the ink, in pixels and fractions
 * @param bottom where they end
 * @param left where letters begin, in pixels and fractions
 * @param right where they end
 * @param pieces from left to right
 * @param scale pixels of the ink for one of the picture
 * @param originY upper edge of the ink in the picture's part, in its pixels
 */
public record DrawnWord(
        Ink ink,
        double top,
        double bottom,
        double left,
        double right,
        List<Piece> pieces,
        double scale,
        double originY) {
    /** Taller words are shrunk: more pixels tell no more. */
    private static final int TALLEST = 48;
    /** Lower ones show no shapes. */
    private static final int LOWEST = 6;

    /** Squared, over all three channels; closer colours are no word on a ground. */
    private static final int LEAST_APART = 40 * 40;

    /** @param part the marked part of a picture @return nothing if there is no word in it */
    public static Optional<DrawnWord> in(Pixels part) {
        Ink ink = ink(part);
        if (ink == null) {
            return Optional.empty();
        }
        Extent rows = Extent.ofRows(ink);
        if (rows.last() - rows.first() + 1 < LOWEST) {
            return Optional.empty();
        }
        // A pixel more on each side, where there is one, for the faint edges.
        int from = Math.max(0, rows.first() - 1);
        int to = Math.min(ink.height(), rows.last() + 2);
        Ink word =
                new Ink(ink.width(), to - from, Arrays.copyOfRange(ink.values(), from * ink.width(), to * ink.width()));
        double scale = 1;
        if (word.height() > TALLEST) {
            scale = (double) TALLEST / word.height();
            word = word.shrunkTo(TALLEST);
        }
        List<Piece> pieces = Piece.of(word);
        return pieces.isEmpty() ? Optional.empty() : Optional.of(of(word, pieces, scale, from));
    }

    private static DrawnWord of(Ink word, List<Piece> pieces, double scale, double originY) {
        Extent rows = Extent.ofRows(word);
        Extent columns = Extent.ofColumns(word);
        return new DrawnWord(word, rows.begin(), rows.end(), columns.begin(), columns.end(), pieces, scale, originY);
    }

    /** How far each pixel is on the way from the ground to the ink: (ground - value) / (ground - ink), along all channels. */
    private static @Nullable Ink ink(Pixels part) {
        int ground = ground(part);
        int letters = farthest(part, ground);
        int[] way = {red(letters) - red(ground), green(letters) - green(ground), blue(letters) - blue(ground)};
        double length = way[0] * way[0] + way[1] * way[1] + way[2] * way[2];
        if (length < LEAST_APART) {
            return null;
        }
        float[] values = new float[part.count()];
        for (int i = 0; i < values.length; i++) {
            int pixel = over(part.at(i));
            double along = way[0] * (red(pixel) - red(ground))
                    + way[1] * (green(pixel) - green(ground))
                    + way[2] * (blue(pixel) - blue(ground));
            values[i] = (float) Math.max(0, Math.min(1, along / length));
        }
        return new Ink(part.width(), part.height(), values);
    }

    /** The middle of the border, channel by channel. */
    private static int ground(Pixels part) {
        int[] border = new int[2 * (part.width() + part.height())];
        int count = 0;
        for (int x = 0; x < part.width(); x++) {
            border[count++] = over(part.at(x, 0));
            border[count++] = over(part.at(x, part.height() - 1));
        }
        for (int y = 0; y < part.height(); y++) {
            border[count++] = over(part.at(0, y));
            border[count++] = over(part.at(part.width() - 1, y));
        }
        return median(border, 16) << 16 | median(border, 8) << 8 | median(border, 0);
    }

    private static int median(int[] pixels, int shift) {
        return Arrays.stream(pixels)
                .map(pixel -> pixel >> shift & 0xFF)
                .sorted()
                .skip(pixels.length / 2)
                .findFirst()
                .orElse(0);
    }

    /** What lies farther from the ground than nearly all; the very farthest may be noise. */
    private static int farthest(Pixels part, int ground) {
        long[] byDistance = new long[part.count()];
        for (int i = 0; i < byDistance.length; i++) {
            int pixel = over(part.at(i));
            byDistance[i] = (long) apart(pixel, ground) << 24 | pixel & 0xFFFFFF;
        }
        Arrays.sort(byDistance);
        long best = byDistance[byDistance.length - 1] >> 24;
        // The middle of all that is nearly as far: the ink without its edges and without noise.
        int from = byDistance.length - 1;
        while (from > 0 && byDistance[from - 1] >> 24 > best * 0.7) {
            from--;
        }
        return (int) (byDistance[(from + byDistance.length - 1) / 2] & 0xFFFFFF);
    }

    private static int apart(int one, int other) {
        int red = red(one) - red(other);
        int green = green(one) - green(other);
        int blue = blue(one) - blue(other);
        return red * red + green * green + blue * blue;
    }

    /** On white, since letters without a ground stand on nothing else. */
    private static int over(int argb) {
        int alpha = argb >>> 24;
        if (alpha == 255) {
            return argb & 0xFFFFFF;
        }
        int white = Rgb.WHITE.red();
        int red = (red(argb) * alpha + white * (255 - alpha)) / 255;
        int green = (green(argb) * alpha + white * (255 - alpha)) / 255;
        int blue = (blue(argb) * alpha + white * (255 - alpha)) / 255;
        return red << 16 | green << 8 | blue;
    }

    private static int red(int pixel) {
        return pixel >> 16 & 0xFF;
    }

    private static int green(int pixel) {
        return pixel >> 8 & 0xFF;
    }

    private static int blue(int pixel) {
        return pixel & 0xFF;
    }
}
