package app.zumbido.core.recolor;

import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Division;
import app.zumbido.core.extraction.Division.Mixture;
import app.zumbido.core.image.Pixels;
import java.util.function.BiPredicate;
import java.util.function.IntFunction;

/** Other colours in a picture: smoothed edges become mixtures of the new ones, and how opaque a pixel is stays. */
public final class Repaint {
    private Repaint() {}

    /**
     * @param becomes by index of a colour of the division
     * @param part whether a pixel takes part
     */
    public static Pixels of(
            Pixels pixels, Division division, IntFunction<Rgb> becomes, BiPredicate<Integer, Integer> part) {
        int[] out = new int[pixels.count()];
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                int argb = pixels.at(x, y);
                int alpha = argb & 0xFF000000;
                boolean seen = alpha != 0 && part.test(x, y);
                out[y * pixels.width() + x] = seen ? alpha | mixed(argb, division, x, y, becomes) : argb;
            }
        }
        return Pixels.wrap(pixels.width(), pixels.height(), out);
    }

    /** What the pixel was besides its mixture, as noise or grain, it is still. */
    private static int mixed(int argb, Division division, int x, int y, IntFunction<Rgb> becomes) {
        Mixture mixture = division.mixture(x, y);
        int packed = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double was =
                    at(division.colors().get(mixture.one()), division.colors().get(mixture.other()), mixture, shift);
            double is = at(becomes.apply(mixture.one()), becomes.apply(mixture.other()), mixture, shift);
            double besides = (argb >> shift & 0xFF) - was;
            packed |= (int) Math.max(0, Math.min(255, Math.round(is + besides))) << shift;
        }
        return packed;
    }

    private static double at(Rgb one, Rgb other, Mixture mixture, int shift) {
        double from = one.packed() >> shift & 0xFF;
        return from + mixture.share() * ((other.packed() >> shift & 0xFF) - from);
    }

    /** A photograph in two colours: its dark becomes the darker one, its light the lighter. */
    public static Pixels duotone(Pixels pixels, Rgb one, Rgb other) {
        boolean ordered = light(one.packed()) <= light(other.packed());
        Rgb dark = ordered ? one : other;
        Rgb light = ordered ? other : one;
        int[] out = new int[pixels.count()];
        for (int i = 0; i < out.length; i++) {
            int argb = pixels.at(i);
            double share = light(argb);
            int packed = 0;
            for (int shift = 0; shift <= 16; shift += 8) {
                double from = dark.packed() >> shift & 0xFF;
                double to = light.packed() >> shift & 0xFF;
                packed |= (int) Math.round(from + share * (to - from)) << shift;
            }
            out[i] = argb & 0xFF000000 | packed;
        }
        return Pixels.wrap(pixels.width(), pixels.height(), out);
    }

    /** @return how light it is to the eye, 0 to 1 */
    private static double light(int packed) {
        return LinearRgb.toByte(LinearRgb.of(Rgb.ofPacked(packed & 0xFFFFFF)).luminance()) / 255.0;
    }
}
