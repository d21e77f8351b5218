package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What looks as if it belonged to a brand, together with the five tints that document programs make of every colour. They
 * change lightness alone, which turns a deep colour into a neon one. The borders were set by eye; common practice, no
 * published source.
 *
 * @param largestChroma of all colours of the brand; OKLCH
 */
record Family(double largestChroma) {
    /** So much stronger than the brand's strongest colour a tint may be. */
    private static final double STRONGER = 1.25;

    private static final double STRONGER_BY = 0.03;
    /** A tint's hue is that of its colour; degrees. */
    private static final double SAME_HUE = 15;
    /** Nobody sees which hue a weaker colour has; OKLCH chroma. */
    private static final double HUE_SEEN = 0.03;

    /** How finely a colour in the family is looked for: OKLCH lightness, and share of its chroma. */
    private static final double STEP = 0.02;

    private static final int LIGHTER_STEPS = 21;
    private static final double CHROMA_STEP = 0.1;
    private static final int WEAKER_STEPS = 8;

    static Family of(Collection<Rgb> brand) {
        return new Family(
                brand.stream().mapToDouble(color -> Oklch.of(color).c()).max().orElse(0));
    }

    /** @return whether all five tints of the colour look like the brand */
    boolean holds(Rgb color) {
        Oklch base = Oklch.of(color);
        return TintStep.offeredFor(color).stream()
                .map(step -> Oklch.of(step.apply(color)))
                .allMatch(tint -> tint.c() <= STRONGER * largestChroma + STRONGER_BY && isOfHue(tint, base));
    }

    private static boolean isOfHue(Oklch tint, Oklch base) {
        return tint.c() < HUE_SEEN
                || base.c() < HUE_SEEN
                || tint.hue().flatMap(hue -> base.hue().map(hue::distanceTo)).orElse(0.0) <= SAME_HUE;
    }

    /** @return the nearest lighter or quieter colour that the family holds; nothing if there is none */
    Optional<Rgb> nearest(Rgb color) {
        Oklch base = Oklch.of(color);
        return IntStream.range(0, WEAKER_STEPS)
                .mapToObj(weaker -> leastLighter(base, base.c() * (1 - CHROMA_STEP * weaker)))
                .flatMap(Optional::stream)
                .min(Comparator.comparingDouble(other -> Difference.between(color, other)));
    }

    /** Of one chroma the first is the nearest, so no more are looked at. */
    private Optional<Rgb> leastLighter(Oklch base, double chroma) {
        return IntStream.range(0, LIGHTER_STEPS)
                .mapToObj(step ->
                        GamutMapping.toRgb(new Oklch(Math.min(1, base.l() + STEP * step), chroma, base.hue())))
                .filter(this::holds)
                .findFirst();
    }
}
