package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import java.util.ArrayList;
import java.util.List;

/**
 * A colour that the suggestion may put in a slot.
 *
 * @param rank place of its swatch in the palette, 0 first; for black and white the number of swatches
 * @param ofBrand whether it is a swatch of the brand or derived from one
 */
record Ink(SlotFill fill, Rgb color, Oklch lch, int rank, boolean ofBrand) {
    static Ink of(Swatch swatch, int rank) {
        return new Ink(new SlotFill.OfSwatch(swatch.id()), swatch.color(), Oklch.of(swatch.color()), rank, true);
    }

    static Ink plain(Rgb color, int rank) {
        return new Ink(new SlotFill.Fixed(color), color, Oklch.of(color), rank, false);
    }

    static List<Ink> allOf(Palette palette) {
        List<Ink> inks = new ArrayList<>();
        for (Swatch swatch : palette.swatches()) {
            inks.add(of(swatch, inks.size()));
        }
        return inks;
    }

    /** @param lightness what is added to the OKLCH lightness */
    Ink shifted(double lightness) {
        Rgb shifted = SlotFill.Derived.shift(color, lightness);
        SlotFill derived = fill.match(
                f -> new SlotFill.Derived(f.swatch(), lightness),
                f -> new SlotFill.Derived(f.swatch(), Math.max(-1, Math.min(1, f.lightness() + lightness))),
                f -> new SlotFill.Fixed(shifted),
                f -> f);
        return new Ink(derived, shifted, Oklch.of(shifted), rank, ofBrand);
    }

    boolean isDerived() {
        return fill instanceof SlotFill.Derived;
    }

    boolean isDarkened() {
        return fill instanceof SlotFill.Derived derived && derived.lightness() < 0;
    }

    double on(Ink ground) {
        return ContrastRatio.between(color, ground.color).value();
    }
}
