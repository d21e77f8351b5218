package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.LinearRgb;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Optional;

/**
 * The colour nearest to another that reaches a contrast ratio, judged after rounding to 8 bits. Nearness is distance in
 * OKLab; the hue is kept within two degrees while there is enough chroma to see it. A grey keeps its tint: turning it would
 * bring it nearer by less than one percent, and a text that was grey should not come out pink.
 */
public final class NearestPassing {
    /** Below this chroma a turn of the hue is not seen; OKLCH. */
    private static final double HUE_SEEN = 0.04;

    private static final double MOST_TURN = 2;
    private static final int LIGHTNESS_STEPS = 256;
    private static final int CHROMA_STEPS = 16;
    /** Around the best of the coarse steps: as many finer ones to either side. */
    private static final int FINE = 16;
    /** How far the last search goes in each channel. */
    private static final int NEIGHBOURHOOD = 2;

    private final Oklab origin;
    private final Oklch polar;
    private final Rgb other;
    private final double ratio;

    private Rgb best;
    private double least = Double.POSITIVE_INFINITY;
    private double bestLightness;
    private double bestShare;

    private NearestPassing(Rgb color, Rgb other, double ratio) {
        origin = Oklab.of(color);
        polar = Oklch.of(color);
        best = color;
        this.other = other;
        this.ratio = ratio;
    }

    /**
     * @param color what is changed
     * @param other what it stands on, or what stands on it
     * @param ratio that must be reached, 1 to 21
     * @return the colour itself if it passes already; nothing if no colour does
     */
    public static Optional<Rgb> of(Rgb color, Rgb other, double ratio) {
        NearestPassing search = new NearestPassing(color, other, ratio);
        search.grid(0, LIGHTNESS_STEPS, 1.0 / LIGHTNESS_STEPS, 0, CHROMA_STEPS, 1.0 / CHROMA_STEPS);
        if (search.least == Double.POSITIVE_INFINITY) {
            return Optional.empty();
        }
        search.refine();
        search.lookAround();
        return Optional.of(search.best);
    }

    private void grid(double from, int steps, double step, double fromShare, int shares, double shareStep) {
        for (int i = 0; i <= steps; i++) {
            for (int j = 0; j <= shares; j++) {
                attempt(from + i * step, fromShare + j * shareStep);
            }
        }
    }

    private void refine() {
        double step = 1.0 / LIGHTNESS_STEPS / FINE;
        double shareStep = 1.0 / CHROMA_STEPS / FINE;
        grid(bestLightness - FINE * step, 2 * FINE, step, bestShare - FINE * shareStep, 2 * FINE, shareStep);
    }

    private void attempt(double lightness, double share) {
        if (lightness < 0 || lightness > 1 || share < 0) {
            return;
        }
        LinearRgb linear =
                new Oklch(lightness, polar.c() * share, polar.hue()).toOklab().toLinear();
        if (linear.inGamut(1e-4) && consider(linear.toRgb())) {
            bestLightness = lightness;
            bestShare = share;
        }
    }

    /** Rounding may leave something nearer right beside. Once only: step by step a grey would wander to another hue. */
    private void lookAround() {
        Rgb middle = best;
        for (int red = -NEIGHBOURHOOD; red <= NEIGHBOURHOOD; red++) {
            for (int green = -NEIGHBOURHOOD; green <= NEIGHBOURHOOD; green++) {
                for (int blue = -NEIGHBOURHOOD; blue <= NEIGHBOURHOOD; blue++) {
                    consider(new Rgb(
                            channel(middle.red() + red),
                            channel(middle.green() + green),
                            channel(middle.blue() + blue)));
                }
            }
        }
    }

    private static int channel(int value) {
        return Math.max(0, Math.min(255, value));
    }

    private boolean consider(Rgb candidate) {
        Oklab at = Oklab.of(candidate);
        double distance = at.distanceTo(origin);
        if (distance >= least || !ContrastRatio.between(candidate, other).reaches(ratio) || !keepsHue(Oklch.of(at))) {
            return false;
        }
        least = distance;
        best = candidate;
        return true;
    }

    private boolean keepsHue(Oklch candidate) {
        if (polar.c() <= HUE_SEEN || candidate.c() <= HUE_SEEN) {
            return true;
        }
        Optional<Degrees> own = polar.hue();
        return candidate.hue().isEmpty()
                || own.isEmpty()
                || candidate.hue().get().distanceTo(own.get()) <= MOST_TURN;
    }
}
