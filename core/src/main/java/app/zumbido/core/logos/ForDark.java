package app.zumbido.core.logos;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.NearestPassing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The colours of a logo on a dark ground: near-neutrals change places with their opposites, the others are raised only as far
 * as it takes to be seen, and parts that touch stay apart. Common practice, no published source.
 */
public final class ForDark {
    /** Below this chroma a colour is a grey; OKLCH. */
    private static final double NEUTRAL = 0.04;
    /** Below this lightness a colour is taken for black; OKLCH. */
    private static final double VERY_DARK = 0.4;

    private static final double LIGHT = 0.94;
    /** Chroma of what stands for a very dark colour; OKLCH. */
    private static final double HINT = 0.015;
    /** Touching parts that are nearer run into each other; distance in OKLab. */
    private static final double APART = 0.15;

    /** What has to be raised is raised a little further than it must be: exactly at the limit it looks murky. */
    private static final double RAISED_TO = WcagLevel.AA.text();

    private static final int STEPS = 200;

    private ForDark() {}

    /**
     * @param colors of the parts, the largest first
     * @param touching by colour those that it touches somewhere
     * @param ground that it has to stand on
     * @return by colour what it becomes
     */
    public static Map<Rgb, Rgb> of(List<Rgb> colors, Map<Rgb, Set<Rgb>> touching, Rgb ground) {
        Map<Rgb, Rgb> dark = new HashMap<>();
        for (Rgb color : colors) {
            List<Rgb> beside = new ArrayList<>();
            touching.getOrDefault(color, Set.of()).forEach(other -> {
                if (dark.containsKey(other)) {
                    beside.add(dark.get(other));
                }
            });
            dark.put(color, apart(raised(color, ground), beside, ground));
        }
        return dark;
    }

    private static Rgb raised(Rgb color, Rgb ground) {
        Rgb turned = turned(Oklch.of(color)).orElse(color);
        return isSeen(turned, ground)
                ? turned
                : NearestPassing.of(turned, ground, RAISED_TO).orElse(Rgb.WHITE);
    }

    /** A near-neutral changes places with its opposite; a very dark colour with a light one that only hints at it. */
    private static Optional<Rgb> turned(Oklch color) {
        if (color.l() >= 1 - color.l() || color.c() >= NEUTRAL && color.l() >= VERY_DARK) {
            return Optional.empty();
        }
        double light = color.l() < VERY_DARK ? Math.max(LIGHT, 1 - color.l()) : 1 - color.l();
        return Optional.of(GamutMapping.toRgb(new Oklch(light, Math.min(HINT, color.c()), color.hue())));
    }

    /** The nearest lightness at which it is seen and told from what it touches; as it is where there is none. */
    private static Rgb apart(Rgb color, List<Rgb> beside, Rgb ground) {
        Oklch polar = Oklch.of(color);
        Rgb best = color;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double lightness = (double) i / STEPS;
            Rgb candidate = lightness == polar.l() ? color : GamutMapping.toRgb(polar.withLightness(lightness));
            double moved = Math.abs(lightness - polar.l());
            if (moved < least && isSeen(candidate, ground) && isTold(candidate, beside)) {
                least = moved;
                best = candidate;
            }
        }
        return isSeen(color, ground) && isTold(color, beside) ? color : best;
    }

    private static boolean isSeen(Rgb color, Rgb ground) {
        return ContrastRatio.between(color, ground).reaches(WcagLevel.GRAPHICS);
    }

    private static boolean isTold(Rgb color, List<Rgb> beside) {
        return beside.stream().allMatch(other -> Oklab.of(color).distanceTo(Oklab.of(other)) >= APART);
    }
}
