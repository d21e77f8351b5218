package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.Roles;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A colour that the suggestion may put in a slot.
 *
 * @param rank place of its swatch in the order of use, 0 first; for black and white the number of swatches
 * @param ofBrand whether it is a swatch of the brand or derived from one
 * @param roles what the brand says that it is for, as far as slots care
 */
record Ink(SlotFill fill, Rgb color, Oklch lch, int rank, boolean ofBrand, Set<Role> roles) {
    private static final Set<Role> CARED_FOR =
            EnumSet.of(Role.TEXT, Role.TEXT_ON_DARK, Role.BOX_FILL, Role.HIGHLIGHT, Role.CHART);

    private static Ink of(Swatch swatch, int rank, Roles roles) {
        Set<Role> own = EnumSet.copyOf(CARED_FOR);
        own.removeIf(role -> !roles.of(role).contains(swatch.id()));
        return new Ink(new SlotFill.OfSwatch(swatch.id()), swatch.color(), Oklch.of(swatch.color()), rank, true, own);
    }

    static Ink plain(Rgb color, int rank) {
        return new Ink(new SlotFill.Fixed(color), color, Oklch.of(color), rank, false, Set.of());
    }

    /** @return every swatch that may be used, in the order of use */
    static List<Ink> allOf(Palette palette, Roles roles) {
        Palette usable = roles.usable(palette);
        List<Ink> inks = new ArrayList<>();
        for (SwatchId id : OrderOfUse.of(usable, roles)) {
            inks.add(of(usable.get(id), inks.size(), roles));
        }
        return inks;
    }

    boolean is(Role role) {
        return roles.contains(role);
    }

    /** @param lightness what is added to the OKLCH lightness */
    Ink shifted(double lightness) {
        Rgb shifted = SlotFill.Derived.shift(color, lightness);
        SlotFill derived = fill.match(
                f -> new SlotFill.Derived(f.swatch(), lightness),
                f -> new SlotFill.Derived(f.swatch(), Math.max(-1, Math.min(1, f.lightness() + lightness))),
                f -> new SlotFill.Fixed(shifted),
                f -> f);
        return new Ink(derived, shifted, Oklch.of(shifted), rank, ofBrand, roles);
    }

    boolean isDerived() {
        return fill instanceof SlotFill.Derived;
    }

    double on(Ink ground) {
        return ContrastRatio.between(color, ground.color).value();
    }
}
