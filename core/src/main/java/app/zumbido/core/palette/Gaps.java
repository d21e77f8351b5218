package app.zumbido.core.palette;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.Vision;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Proposes what a palette lacks: accents and neutrals that go with what is there and are told apart from it by everybody.
 * Steps of lightness and chroma were set by eye; common practice, no published source.
 */
public final class Gaps {
    /** What differs less is nearly there already, though it may be told apart; ΔE00. */
    private static final double NEUTRALS_APART = 6;
    /** Two proposals that differ less would be one; ΔE00. */
    private static final double VARIED = 18;
    /** Beyond this a greater difference makes no better accent; ΔE00. */
    private static final double ENOUGH = 28;

    private static final int MOST = 4;
    private static final int BASES = 3;
    private static final double QUIETEST = 0.09;
    private static final double LOUDEST = 0.19;
    private static final double[] LIGHTNESSES = {0.48, 0.56, 0.64, 0.72, 0.8};

    private final List<Swatch> swatches;
    private final Map<Vision, List<Lab>> seen = new EnumMap<>(Vision.class);
    private final List<Swatch> colorful;

    private Gaps(Palette palette, Palette usable) {
        swatches = palette.swatches();
        for (Vision eyes : Vision.EYES) {
            seen.put(
                    eyes,
                    swatches.stream()
                            .map(swatch -> Lab.of(eyes.see(swatch.color())))
                            .toList());
        }
        colorful = usable.swatches().stream()
                .filter(swatch -> Oklch.of(swatch.color()).isColorful())
                .toList();
    }

    /**
     * @param palette everything, off-limits too: what is proposed looks like none of it
     * @param usable what of it may be used, and so have company
     * @return at most four accents, the best first; none without a colourful swatch that may be used
     */
    public static List<Gap> accents(Palette palette, Palette usable) {
        return new Gaps(palette, usable).accents();
    }

    /**
     * @param palette everything, off-limits too
     * @param usable what of it may be used
     * @return a neutral for text, one for lines and one for fields, but for those that are nearly there
     */
    public static List<Gap> neutrals(Palette palette, Palette usable) {
        return new Gaps(palette, usable).neutrals();
    }

    private record Idea(double hue, Gap.Reason reason, Optional<Swatch> base) {}

    private List<Gap> accents() {
        List<Gap> candidates = new ArrayList<>();
        for (Idea idea : ideas()) {
            for (double lightness : LIGHTNESSES) {
                Rgb color =
                        GamutMapping.toRgb(new Oklch(lightness, usualChroma(), Optional.of(Degrees.of(idea.hue()))));
                Gap gap = judge(color, idea.reason(), idea.base());
                if (gap.difference() >= Difference.TOLD_APART) {
                    candidates.add(gap);
                }
            }
        }
        candidates.sort(Comparator.comparingDouble(Gaps::worth).reversed());
        List<Gap> chosen = new ArrayList<>();
        for (Gap gap : candidates) {
            boolean varied =
                    chosen.stream().allMatch(other -> Difference.between(other.color(), gap.color()) >= VARIED);
            if (varied && chosen.size() < MOST) {
                chosen.add(gap);
            }
        }
        return chosen;
    }

    /** Told apart first; then what can be made out on white, and the nearer relations of hue. */
    private static double worth(Gap gap) {
        boolean madeOut = gap.onWhite() >= 3;
        return Math.min(gap.difference(), ENOUGH)
                + (madeOut ? 4 : 0)
                - gap.reason().ordinal();
    }

    private List<Idea> ideas() {
        List<Idea> ideas = new ArrayList<>();
        for (Swatch base : colorful.subList(0, Math.min(BASES, colorful.size()))) {
            double hue = hueOf(base);
            ideas.add(new Idea(hue + 180, Gap.Reason.COMPLEMENTARY, Optional.of(base)));
            for (int side : new int[] {-1, 1}) {
                ideas.add(new Idea(hue + side * 150, Gap.Reason.SPLIT, Optional.of(base)));
                ideas.add(new Idea(hue + side * 120, Gap.Reason.TRIAD, Optional.of(base)));
                ideas.add(new Idea(hue + side * 90, Gap.Reason.TETRAD, Optional.of(base)));
            }
        }
        if (!colorful.isEmpty()) {
            ideas.add(new Idea(emptyStretch(), Gap.Reason.EMPTY_STRETCH, Optional.empty()));
        }
        return ideas;
    }

    private static double hueOf(Swatch swatch) {
        return Oklch.of(swatch.color()).hue().map(Degrees::value).orElse(0.0);
    }

    private double emptyStretch() {
        List<Double> hues = colorful.stream().map(Gaps::hueOf).sorted().toList();
        double widest = 0;
        double middle = 0;
        for (int i = 0; i < hues.size(); i++) {
            double next = i + 1 < hues.size() ? hues.get(i + 1) : hues.get(0) + 360;
            if (next - hues.get(i) > widest) {
                widest = next - hues.get(i);
                middle = hues.get(i) + widest / 2;
            }
        }
        return middle;
    }

    private double usualChroma() {
        double[] sorted = colorful.stream()
                .mapToDouble(swatch -> Oklch.of(swatch.color()).c())
                .sorted()
                .toArray();
        return Math.max(QUIETEST, Math.min(LOUDEST, sorted[sorted.length / 2]));
    }

    private List<Gap> neutrals() {
        Optional<Swatch> base = colorful.stream().findFirst();
        List<Gap> gaps = new ArrayList<>();
        gaps.add(neutral(0.27, 0.022, Gap.Reason.TEXT, base));
        gaps.add(neutral(0.5, 0.02, Gap.Reason.MIDDLE, base));
        gaps.add(neutral(0.955, 0.008, Gap.Reason.FIELD, base));
        gaps.removeIf(gap -> gap.difference() < NEUTRALS_APART);
        return gaps;
    }

    private Gap neutral(double lightness, double chroma, Gap.Reason reason, Optional<Swatch> base) {
        Optional<Degrees> hue = base.map(swatch -> Degrees.of(hueOf(swatch)));
        Oklch lch = new Oklch(lightness, hue.isPresent() ? chroma : 0, hue);
        return judge(GamutMapping.toRgb(lch), reason, base);
    }

    private Gap judge(Rgb color, Gap.Reason reason, Optional<Swatch> base) {
        double least = Double.MAX_VALUE;
        Vision hardest = Vision.NORMAL;
        Optional<Swatch> nearest = Optional.empty();
        for (Vision eyes : Vision.EYES) {
            Lab lab = Lab.of(eyes.see(color));
            for (int i = 0; i < swatches.size(); i++) {
                double difference = Difference.between(lab, seen.get(eyes).get(i));
                if (difference < least) {
                    least = difference;
                    hardest = eyes;
                    nearest = Optional.of(swatches.get(i));
                }
            }
        }
        double onWhite = ContrastRatio.between(color, Rgb.WHITE).value();
        return new Gap(color, reason, base, nearest, hardest, least, onWhite);
    }
}
