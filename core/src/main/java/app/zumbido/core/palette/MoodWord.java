package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Optional;

/**
 * What people say a palette should become, as a rule on each of its colours. Papers, inks and greys keep what they are
 * for: their hue may lean, their lightness hardly moves. The numbers were set by eye on OKLCH; common practice, no published
 * source.
 */
public enum MoodWord {
    WARMER(0, 1, 55, 0.35),
    COOLER(0, 1, 240, 0.35),
    QUIETER(0.02, 0.55, 0, 0),
    LIVELIER(0, 1.45, 0, 0),
    DARKER(-0.12, 1, 0, 0),
    PALER(0.14, 0.7, 0, 0),
    EARTHIER(-0.06, 0.65, 65, 0.45),
    FRESHER(0.06, 1.15, 165, 0.2),
    DEEPER(-0.1, 1.25, 0, 0),
    SOFTER(0.08, 0.6, 0, 0);

    /** Outside of these a colour is paper or ink, whatever its hue; OKLCH lightness. */
    private static final double INK = 0.32;

    private static final double PAPER = 0.93;
    /** Below this chroma people say grey; OKLCH. */
    private static final double GREYISH = 0.03;
    /** A grey that leans towards a hue gets this much of it; OKLCH chroma. */
    private static final double HINT = 0.012;

    private final double lightness;
    private final double strength;
    private final double pull;
    private final double share;

    /**
     * @param lightness added to that of OKLCH
     * @param strength what chroma is multiplied by
     * @param pull the hue that it leans towards, in degrees
     * @param share how far of the shorter way there, 0 to 1
     */
    MoodWord(double lightness, double strength, double pull, double share) {
        this.lightness = lightness;
        this.strength = strength;
        this.pull = pull;
        this.share = share;
    }

    /** @param amount how much of it; 0 changes nothing */
    public Rgb apply(Rgb color, Fraction amount) {
        if (amount.value() == 0 || color.equals(Rgb.WHITE) || color.equals(Rgb.BLACK)) {
            return color;
        }
        Oklch from = Oklch.of(color);
        boolean grey = from.c() < GREYISH;
        boolean kept = grey || from.l() < INK || from.l() > PAPER;
        double l = kept ? from.l() : inside(from.l() + lightness * amount.value());
        double stronger = 1 + (strength - 1) * amount.value();
        if (grey) {
            return GamutMapping.toRgb(new Oklch(l, Math.max(from.c() * stronger, hint(amount)), hueOfGrey(from)));
        }
        Oklch leaning = leaning(from, share * amount.value());
        return GamutMapping.toRgb(new Oklch(l, leaning.c() * stronger, leaning.hue()));
    }

    /** Between ink and paper, so that neither arises where none was. */
    private static double inside(double l) {
        return Math.min(PAPER, Math.max(INK, l));
    }

    private double hint(Fraction amount) {
        return share == 0 ? 0 : HINT * amount.value();
    }

    private Optional<Degrees> hueOfGrey(Oklch grey) {
        return share == 0 ? grey.hue() : Optional.of(Degrees.of(pull));
    }

    /** Straight across the plane of hues: an opposite one becomes quieter on the way instead of running round the circle. */
    private Oklch leaning(Oklch from, double way) {
        Oklab own = from.toOklab();
        Oklab pulled = new Oklch(from.l(), from.c(), Optional.of(Degrees.of(pull))).toOklab();
        return Oklch.of(
                new Oklab(from.l(), own.a() + way * (pulled.a() - own.a()), own.b() + way * (pulled.b() - own.b())));
    }
}
