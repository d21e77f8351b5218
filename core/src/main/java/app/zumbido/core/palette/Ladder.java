package app.zumbido.core.palette;

import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;

/**
 * The tints and shades of a colour: steps of OKLCH lightness at its hue, chroma eased towards both ends. The numbers were
 * set by eye; common practice, no published source.
 *
 * @param steps the lightest first
 * @param base which of them is the colour itself, 0 first
 */
public record Ladder(List<Rgb> steps, int base) {
    public static final int USUAL = 9;
    public static final int FEWEST = 3;
    public static final int MOST = 15;

    /** Lightnesses that differ less are the same one, computed twice; OKLCH. */
    private static final double ROUNDING = 1e-9;
    /** OKLCH lightness of the ends: never pure white or black. */
    private static final double LIGHTEST = 0.97;

    private static final double DARKEST = 0.17;
    /** Share of its chroma that is left at the light end, and at the dark one. */
    private static final double CHROMA_OF_LIGHTEST = 0.15;

    private static final double CHROMA_OF_DARKEST = 0.4;
    /** Chroma sinks slowly near the base and fast near the ends. */
    private static final double EASE = 1.5;

    public Ladder {
        steps = List.copyOf(steps);
    }

    /** @param count of steps, {@link #FEWEST} to {@link #MOST}; the base is one of them */
    public static Ladder of(Rgb base, int count) {
        if (count < FEWEST || count > MOST) {
            throw new IllegalArgumentException("A ladder has " + FEWEST + " to " + MOST + " steps");
        }
        double place = (LIGHTEST - Oklch.of(base).l()) / (LIGHTEST - DARKEST) * (count - 1);
        int index = (int) Math.max(0, Math.min(count - 1, Math.round(place)));
        List<Rgb> steps = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            steps.add(i == index ? base : at(base, away(i, index, count)));
        }
        return new Ladder(steps, index);
    }

    /** @return where a step lies, as {@link LadderStep#away()} says; 0 for the base itself */
    public double away(int step) {
        return away(step, base, steps.size());
    }

    private static double away(int i, int index, int count) {
        if (i == index) {
            return 0;
        }
        return i < index ? (double) (index - i) / index : -(double) (i - index) / (count - 1 - index);
    }

    /** @return where on the colour's ladder a lightness lies, at most its end; 0 at the colour itself. OKLCH */
    static double awayAt(Rgb color, double lightness) {
        double base = Oklch.of(color).l();
        double end = lightness > base ? Math.max(LIGHTEST, base) : Math.min(DARKEST, base);
        boolean stays = end == base || Math.abs(lightness - base) < ROUNDING;
        return stays ? 0 : Math.min(1, (lightness - base) / (end - base)) * Math.signum(end - base);
    }

    /** @param away as {@link LadderStep#away()} says */
    public static Rgb at(Rgb color, double away) {
        Oklch base = Oklch.of(color);
        double way = Math.abs(away);
        double end = away > 0 ? Math.max(LIGHTEST, base.l()) : Math.min(DARKEST, base.l());
        double left = away > 0 ? CHROMA_OF_LIGHTEST : CHROMA_OF_DARKEST;
        double lightness = base.l() + way * (end - base.l());
        double chroma = base.c() * (1 - Math.pow(way, EASE) * (1 - left));
        return GamutMapping.toRgb(new Oklch(lightness, chroma, base.hue()));
    }
}
