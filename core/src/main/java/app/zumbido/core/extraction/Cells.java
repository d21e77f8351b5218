package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;
import java.util.Arrays;

/**
 * A picture at a size at which every part can be looked at several times: a cell averages a square of pixels, and then
 * the cells around it. Averages are of sRGB values, since noise and smoothed edges are made in them too.
 */
final class Cells {
    /** Pictures with more pixels are averaged down, since even a thin stroke is some pixels wide in them. */
    private static final int MOST_UNAVERAGED = 1_000_000;

    private static final int MOST = 200_000;
    /** Cells that are themselves averages of so many pixels need no smoothing. */
    private static final int SMOOTH_BY_SCALE = 3;

    private static final int SPARSE = 4;

    /** A cell that is transparent. */
    static final int NOTHING = -1;

    final int width;
    final int height;
    /** Pixels from one cell to the next. */
    final int scale;

    private final Pixels pixels;
    /** Before smoothing; 0xRRGGBB row by row, or {@link #NOTHING}. */
    private final int[] means;

    private final int[] smooth;

    private Cells(Pixels pixels, int width, int height, int scale, int[] means, int[] smooth) {
        this.pixels = pixels;
        this.width = width;
        this.height = height;
        this.scale = scale;
        this.means = means;
        this.smooth = smooth;
    }

    static Cells of(Pixels pixels) {
        int most = pixels.count() <= MOST_UNAVERAGED ? MOST_UNAVERAGED : MOST;
        int scale = Math.max(1, (int) Math.ceil(Math.sqrt((double) pixels.count() / most)));
        int width = Math.max(1, pixels.width() / scale);
        int height = Math.max(1, pixels.height() / scale);
        int[] means = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                means[y * width + x] = scale == 1 ? seen(pixels.at(x, y)) : mean(pixels, x * scale, y * scale, scale);
            }
        }
        Cells plain = new Cells(pixels, width, height, scale, means, means);
        return scale >= SMOOTH_BY_SCALE ? plain : plain.smoothed(1);
    }

    /** @param reach of the smoothing, in cells; 1 averages 3 x 3 */
    Cells smoothed(int reach) {
        return new Cells(pixels, width, height, scale, means, smoothed(means, width, height, reach));
    }

    /** @return the same picture in at most so many cells, not smoothed */
    Cells coarser(int most) {
        int times = (int) Math.ceil(Math.sqrt((double) count() / most));
        if (times <= 1) {
            return new Cells(pixels, width, height, scale, means, means);
        }
        int across = Math.max(1, width / times);
        int down = Math.max(1, height / times);
        int[] coarse = new int[across * down];
        for (int y = 0; y < down; y++) {
            for (int x = 0; x < across; x++) {
                coarse[y * across + x] = mean(x * times, y * times, Math.min(times, Math.min(width, height)));
            }
        }
        return new Cells(pixels, across, down, scale * times, coarse, coarse);
    }

    private int mean(int left, int top, int side) {
        int red = 0;
        int green = 0;
        int blue = 0;
        int count = 0;
        for (int y = top; y < top + side; y++) {
            for (int x = left; x < left + side; x++) {
                int rgb = means[y * width + x];
                if (rgb != NOTHING) {
                    red += rgb >> 16 & 0xFF;
                    green += rgb >> 8 & 0xFF;
                    blue += rgb & 0xFF;
                    count++;
                }
            }
        }
        return count * 2 < side * side ? NOTHING : packed(red, green, blue, count);
    }

    private static int seen(int argb) {
        return Alpha.seen(argb) ? argb & 0xFFFFFF : NOTHING;
    }

    private static int mean(Pixels pixels, int left, int top, int side) {
        int red = 0;
        int green = 0;
        int blue = 0;
        int count = 0;
        int across = Math.min(side, pixels.width() - left);
        int down = Math.min(side, pixels.height() - top);
        // Of a large square every other pixel in every other row tells enough.
        int step = side >= SPARSE ? 2 : 1;
        for (int y = top; y < top + down; y += step) {
            for (int x = left; x < left + across; x += step) {
                int argb = pixels.at(x, y);
                if (Alpha.seen(argb)) {
                    red += argb >> 16 & 0xFF;
                    green += argb >> 8 & 0xFF;
                    blue += argb & 0xFF;
                    count++;
                }
            }
        }
        return count * 2 * step * step < across * down ? NOTHING : packed(red, green, blue, count);
    }

    private static int packed(int red, int green, int blue, int count) {
        int half = count / 2;
        return (red + half) / count << 16 | (green + half) / count << 8 | (blue + half) / count;
    }

    private static int[] smoothed(int[] means, int width, int height, int reach) {
        int[] smooth = new int[means.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                smooth[y * width + x] =
                        means[y * width + x] == NOTHING ? NOTHING : around(means, width, height, x, y, reach);
            }
        }
        return smooth;
    }

    private static int around(int[] means, int width, int height, int x, int y, int reach) {
        int red = 0;
        int green = 0;
        int blue = 0;
        int count = 0;
        for (int row = Math.max(0, y - reach); row <= Math.min(height - 1, y + reach); row++) {
            for (int column = Math.max(0, x - reach); column <= Math.min(width - 1, x + reach); column++) {
                int rgb = means[row * width + column];
                if (rgb != NOTHING) {
                    red += rgb >> 16 & 0xFF;
                    green += rgb >> 8 & 0xFF;
                    blue += rgb & 0xFF;
                    count++;
                }
            }
        }
        return packed(red, green, blue, count);
    }

    int count() {
        return smooth.length;
    }

    /** @return 0xRRGGBB, smoothed, or {@link #NOTHING} */
    int at(int index) {
        return smooth[index];
    }

    /** @return 0xRRGGBB, not smoothed, or {@link #NOTHING} */
    int plain(int index) {
        return means[index];
    }

    /** @return as {@link Point#light()} tells, not smoothed; of 255 */
    double light(int index) {
        return Point.of(means[index]).light();
    }

    /** @return the pixel in the middle of a cell, 0xAARRGGBB, as it is in the picture */
    int pixel(int index) {
        Place place = place(index);
        return pixels.at(place.x(), place.y());
    }

    /** @return the pixel in the middle of a cell */
    Place place(int index) {
        return new Place(
                Math.min(pixels.width() - 1, index % width * scale + scale / 2),
                Math.min(pixels.height() - 1, index / width * scale + scale / 2));
    }

    /** @return the largest difference of a channel; of 255. Something is infinitely far from nothing */
    static int apart(int one, int other) {
        if (one == NOTHING || other == NOTHING) {
            return one == other ? 0 : 255;
        }
        return Math.max(
                Math.abs((one >> 16) - (other >> 16)),
                Math.max(Math.abs((one >> 8 & 0xFF) - (other >> 8 & 0xFF)), Math.abs((one & 0xFF) - (other & 0xFF))));
    }

    /**
     * For each cell how much the picture changes across it, in the direction in which it changes most.
     *
     * @return differences of a channel, of 255; 255 where the picture is transparent
     */
    byte[] changes() {
        byte[] changes = new byte[smooth.length];
        Arrays.fill(changes, (byte) 255);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (at(y * width + x) != NOTHING) {
                    changes[y * width + x] = (byte) Math.max(
                            Math.max(across(x, y, 2, 0), across(x, y, 0, 2)),
                            Math.max(across(x, y, 2, 2), across(x, y, 2, -2)));
                }
            }
        }
        return changes;
    }

    private int across(int x, int y, int dx, int dy) {
        return apart(near(x + dx, y + dy), near(x - dx, y - dy));
    }

    /** Beyond the edge the picture goes on as it ends. */
    private int near(int x, int y) {
        return smooth[Math.max(0, Math.min(height - 1, y)) * width + Math.max(0, Math.min(width - 1, x))];
    }

    /**
     * For each cell how far it lies off the straight line between those on both sides: nothing in a gradient, however
     * steep, but much on both shoulders of an edge.
     *
     * @return differences of a channel, of 255; 255 where the picture is transparent
     */
    byte[] bends() {
        byte[] bends = new byte[smooth.length];
        Arrays.fill(bends, (byte) 255);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (at(y * width + x) != NOTHING) {
                    bends[y * width + x] = (byte) Math.max(
                            Math.max(bend(x, y, 2, 0), bend(x, y, 0, 2)),
                            Math.max(bend(x, y, 2, 2), bend(x, y, 2, -2)));
                }
            }
        }
        return bends;
    }

    private int bend(int x, int y, int dx, int dy) {
        if (x - dx < 0 || y - Math.abs(dy) < 0 || x + dx >= width || y + Math.abs(dy) >= height) {
            return 0;
        }
        int one = near(x - dx, y - dy);
        int other = near(x + dx, y + dy);
        int middle = near(x, y);
        if (one == NOTHING || other == NOTHING) {
            return 255;
        }
        return Math.max(
                bent(one >> 16, middle >> 16, other >> 16),
                Math.max(
                        bent(one >> 8 & 0xFF, middle >> 8 & 0xFF, other >> 8 & 0xFF),
                        bent(one & 0xFF, middle & 0xFF, other & 0xFF)));
    }

    private static int bent(int one, int middle, int other) {
        return Math.abs(one + other - 2 * middle) / 2;
    }
}
