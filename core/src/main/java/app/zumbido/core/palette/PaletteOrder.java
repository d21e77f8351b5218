package app.zumbido.core.palette;

import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Oklch;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** How swatches may stand besides by hand. */
public enum PaletteOrder {
    /** The most used first; those alike stay as they stand. */
    USE,
    /** As they appear in the picture that they came from, from left to right; what came from none stands last. */
    APPEARANCE,
    /** The darkest first. */
    LIGHTNESS,
    /** Around the circle from red; greys last, the darkest first. */
    HUE;

    /** Below this chroma people say grey; OKLCH. */
    private static final double GREYISH = 0.03;

    /** Red stands a little before 0 degrees too. */
    private static final double START = 350;

    /** @param uses by swatch how often it is used; absent means never */
    public List<SwatchId> of(Palette palette, Map<SwatchId, Integer> uses) {
        return palette.swatches().stream()
                .sorted(comparator(uses))
                .map(Swatch::id)
                .toList();
    }

    private Comparator<Swatch> comparator(Map<SwatchId, Integer> uses) {
        return switch (this) {
            case USE -> Comparator.comparingInt(swatch -> -uses.getOrDefault(swatch.id(), 0));
            case APPEARANCE -> Comparator.comparingInt(PaletteOrder::left);
            case LIGHTNESS -> Comparator.comparingDouble(PaletteOrder::lightness);
            case HUE -> Comparator.comparingDouble(PaletteOrder::hue).thenComparingDouble(PaletteOrder::lightness);
        };
    }

    private static int left(Swatch swatch) {
        return swatch.origins().stream()
                .flatMap(origin -> origin.x().stream().boxed())
                .findFirst()
                .orElse(Integer.MAX_VALUE);
    }

    private static double lightness(Swatch swatch) {
        return Oklch.of(swatch.color()).l();
    }

    private static double hue(Swatch swatch) {
        Oklch lch = Oklch.of(swatch.color());
        return lch.c() < GREYISH
                ? 360
                : lch.hue().map(hue -> Degrees.of(hue.value() - START).value()).orElse(360.0);
    }
}
