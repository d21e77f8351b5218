package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Arrays;
import java.util.Random;

/** Draws pictures with known colours: shapes are smoothed by taking 4 x 4 points in every pixel. */
final class Drawing {
    private static final int POINTS = 4;

    private final int width;
    private final int height;
    private final int[] argb;

    Drawing(int width, int height, int ground) {
        this.width = width;
        this.height = height;
        argb = new int[width * height];
        Arrays.fill(argb, ground);
    }

    static Drawing on(int width, int height, String ground) {
        return new Drawing(width, height, 0xFF000000 | Rgb.ofHex(ground).packed());
    }

    static Drawing onNothing(int width, int height) {
        return new Drawing(width, height, 0);
    }

    interface Shape {
        boolean covers(double x, double y);
    }

    Drawing disc(String hex, double cx, double cy, double radius) {
        return fill(
                hex, (x, y) -> Math.hypot(x - cx, y - cy) < radius, cx - radius, cy - radius, cx + radius, cy + radius);
    }

    Drawing box(String hex, double left, double top, double right, double bottom) {
        return fill(hex, (x, y) -> x >= left && x < right && y >= top && y < bottom, left, top, right, bottom);
    }

    /** One pixel. */
    Drawing dot(Rgb color, int x, int y) {
        argb[y * width + x] = 0xFF000000 | color.packed();
        return this;
    }

    /** A wave of the given thickness across the whole width. */
    Drawing wave(String hex, double middle, double thickness) {
        return fill(hex, (x, y) -> Math.abs(y - middle - 12 * Math.sin(x / 19)) < thickness / 2);
    }

    Drawing fill(String hex, Shape shape) {
        return fill(hex, shape, 0, 0, width, height);
    }

    /** The shape covers nothing outside these bounds. */
    private Drawing fill(String hex, Shape shape, double left, double top, double right, double bottom) {
        int color = Rgb.ofHex(hex).packed();
        for (int y = Math.max(0, (int) top); y < Math.min(height, Math.ceil(bottom)); y++) {
            for (int x = Math.max(0, (int) left); x < Math.min(width, Math.ceil(right)); x++) {
                int hits = 0;
                for (int p = 0; p < POINTS * POINTS; p++) {
                    double px = x + (p % POINTS + 0.5) / POINTS;
                    double py = y + (p / POINTS + 0.5) / POINTS;
                    hits += shape.covers(px, py) ? 1 : 0;
                }
                lay(y * width + x, color, hits / (double) (POINTS * POINTS));
            }
        }
        return this;
    }

    private void lay(int index, int color, double coverage) {
        int under = argb[index];
        double underAlpha = (under >>> 24) / 255.0 * (1 - coverage);
        double alpha = coverage + underAlpha;
        if (coverage == 0) {
            return;
        }
        int mixed = (int) Math.round(alpha * 255) << 24;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double channel = ((color >> shift & 0xFF) * coverage + (under >> shift & 0xFF) * underAlpha) / alpha;
            mixed |= (int) Math.round(channel) << shift;
        }
        argb[index] = mixed;
    }

    /** @param strength most that a channel is moved, of 255 */
    Drawing noise(int strength, long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < argb.length; i++) {
            int noisy = argb[i] & 0xFF000000;
            for (int shift = 16; shift >= 0; shift -= 8) {
                int channel = (argb[i] >> shift & 0xFF) + random.nextInt(2 * strength + 1) - strength;
                noisy |= clip(channel) << shift;
            }
            argb[i] = noisy;
        }
        return this;
    }

    /** Light and shade over everything, as on what was not made flat; up to so much lighter and darker, of 255. */
    Drawing uneven(int strength) {
        for (int i = 0; i < argb.length; i++) {
            int x = i % width;
            int y = i / width;
            int light = (int) Math.round(strength * Math.sin(x / 11.0 + y / 37.0) * Math.cos(y / 13.0 - x / 41.0));
            argb[i] = argb[i] & 0xFF000000
                    | clip((argb[i] >> 16 & 0xFF) + light) << 16
                    | clip((argb[i] >> 8 & 0xFF) + light) << 8
                    | clip((argb[i] & 0xFF) + light);
        }
        return this;
    }

    /** @param sigma of a Gaussian, in pixels; beyond its edges the picture goes on as it ends */
    Drawing blurred(double sigma) {
        int reach = (int) Math.ceil(3 * sigma);
        double[] weights = new double[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = Math.exp(-i * i / (2 * sigma * sigma));
            sum += weights[i + reach];
        }
        int[] across = spread(argb, weights, sum, 1, 0);
        System.arraycopy(spread(across, weights, sum, 0, 1), 0, argb, 0, argb.length);
        return this;
    }

    private int[] spread(int[] from, double[] weights, double sum, int dx, int dy) {
        int[] to = new int[from.length];
        int reach = weights.length / 2;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int mixed = 0xFF000000;
                for (int shift = 16; shift >= 0; shift -= 8) {
                    double channel = 0;
                    for (int i = -reach; i <= reach; i++) {
                        int nx = Math.max(0, Math.min(width - 1, x + i * dx));
                        int ny = Math.max(0, Math.min(height - 1, y + i * dy));
                        channel += weights[i + reach] * (from[ny * width + nx] >> shift & 0xFF);
                    }
                    mixed |= clip((int) Math.round(channel / sum)) << shift;
                }
                to[y * width + x] = mixed;
            }
        }
        return to;
    }

    /** A gradient from left to right inside a box, through its stops at equal distances. */
    Drawing gradient(double left, double top, double right, double bottom, String... stops) {
        for (int y = (int) top; y < bottom; y++) {
            for (int x = (int) left; x < right; x++) {
                double at = (x + 0.5 - left) / (right - left) * (stops.length - 1);
                int part = Math.min(stops.length - 2, (int) at);
                Point one = Point.of(Rgb.ofHex(stops[part]));
                Point way = Point.of(Rgb.ofHex(stops[part + 1])).minus(one);
                argb[y * width + x] =
                        0xFF000000 | one.plus(way, at - part).toRgb().packed();
            }
        }
        return this;
    }

    private static int clip(int channel) {
        return Math.max(0, Math.min(255, channel));
    }

    /** Every pixel becomes a block of the given side, as in a badly enlarged logo. */
    Drawing enlarged(int times) {
        Drawing large = new Drawing(width * times, height * times, 0);
        for (int y = 0; y < large.height; y++) {
            for (int x = 0; x < large.width; x++) {
                large.argb[y * large.width + x] = argb[y / times * width + x / times];
            }
        }
        return large;
    }

    Pixels pixels() {
        return Pixels.wrap(width, height, argb);
    }
}
