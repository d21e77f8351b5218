package app.zumbido.server.logos;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Comparator;

/**
 * What versions of a logo are made for.
 *
 * @param dark the ground that the version for dark grounds has to stand on, and the one dark colour
 * @param light the one light colour
 */
public record Tones(Rgb dark, Rgb light) {
    /** OKLCH lightness; what is lighter is no dark ground. */
    private static final double DARK = 0.45;

    private static final double LIGHT = 0.9;

    static Tones of(Brand brand) {
        var slots = brand.look().colors();
        Comparator<Rgb> lightness =
                Comparator.comparingDouble(color -> Oklch.of(color).l());
        Rgb darkest = brand.usable().swatches().stream()
                .map(Swatch::color)
                .min(lightness)
                .filter(color -> Oklch.of(color).l() <= DARK)
                .orElse(Rgb.BLACK);
        Rgb lightest = brand.usable().swatches().stream()
                .map(Swatch::color)
                .max(lightness)
                .filter(color -> Oklch.of(color).l() >= LIGHT)
                .orElse(Rgb.WHITE);
        Rgb dark = slots.getOrDefault(ThemeSlot.DARK_1, darkest);
        Rgb light = slots.getOrDefault(ThemeSlot.LIGHT_1, lightest);
        return new Tones(
                Oklch.of(dark).l() <= DARK ? dark : Rgb.BLACK, Oklch.of(light).l() >= LIGHT ? light : Rgb.WHITE);
    }
}
