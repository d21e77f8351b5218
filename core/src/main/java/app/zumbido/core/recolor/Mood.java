package app.zumbido.core.recolor;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Oklch;
import java.util.function.ToDoubleFunction;

/** A word for how a graphic should feel: a rule for which colours it wants. The numbers were set by eye; no published source. */
public enum Mood {
    COOLER(color -> tinted(color, 240)),
    WARMER(color -> tinted(color, 55)),
    QUIETER(color -> 1 - Math.min(1, color.c() / Mood.STRONG)),
    LIVELIER(color -> Math.min(1, color.c() / Mood.STRONG)),
    DARKER(color -> 1 - color.l()),
    LIGHTER(Oklch::l),
    EARTHIER(color -> tinted(color, 65) * (1 - Math.max(0, color.l() - 0.6)) * (1 - Math.max(0, color.c() - 0.12) * 4));

    /** OKLCH chroma of what is as colourful as paint. */
    private static final double STRONG = 0.18;

    private final ToDoubleFunction<Oklch> likes;

    Mood(ToDoubleFunction<Oklch> likes) {
        this.likes = likes;
    }

    /** @return 0 to 1 */
    double likes(Oklch color) {
        return Math.max(0, Math.min(1, likes.applyAsDouble(color)));
    }

    /** Greys are half as good as the right hue and better than the wrong one. */
    private static double tinted(Oklch color, double hue) {
        double strength = Math.min(1, color.c() / 0.1);
        double near = color.hue()
                .map(own -> Math.cos(Math.toRadians(own.distanceTo(Degrees.of(hue)))))
                .orElse(0.0);
        return 0.5 + 0.5 * near * strength;
    }
}
