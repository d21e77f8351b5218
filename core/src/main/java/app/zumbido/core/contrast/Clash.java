package app.zumbido.core.contrast;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;

/** Vivid colours of like lightness and far hues, which vibrate side by side. Common practice, no published source. */
public final class Clash {
    /** OKLCH chroma that both exceed. */
    private static final double VIVID = 0.12;
    /** OKLCH lightness that they differ by less than. */
    private static final double LIKE = 0.25;
    /** Degrees of hue that they differ by more than. */
    private static final double FAR = 60;

    private Clash() {}

    public static boolean between(Rgb one, Rgb other) {
        Oklch a = Oklch.of(one);
        Oklch b = Oklch.of(other);
        return a.c() > VIVID
                && b.c() > VIVID
                && Math.abs(a.l() - b.l()) < LIKE
                && a.hue().isPresent()
                && b.hue().isPresent()
                && a.hue().get().distanceTo(b.hue().get()) > FAR;
    }
}
