package app.zumbido.core.theme;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Ladder;
import app.zumbido.core.palette.Paint;
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
 * @param base the colour that a shifted one starts from; its own where it is not shifted
 * @param lab of the colour, since it is compared with many others
 * @param luminance of the colour, 0 to 1
 * @param rank place of its swatch in the order of use, 0 first; for black and white the number of swatches
 * @param ofBrand whether it is a swatch of the brand or derived from one
 * @param roles what the brand says that it is for, as far as slots care
 */
record Ink(
        Paint paint,
        Rgb base,
        Rgb color,
        Oklch lch,
        Lab lab,
        double luminance,
        int rank,
        boolean ofBrand,
        Set<Role> roles) {
    private static final Set<Role> CARED_FOR =
            EnumSet.of(Role.TEXT, Role.TEXT_ON_DARK, Role.BOX_FILL, Role.HIGHLIGHT, Role.CHART);

    private static Ink of(Swatch swatch, int rank, Roles roles) {
        Set<Role> own = EnumSet.copyOf(CARED_FOR);
        own.removeIf(role -> !roles.of(role).contains(swatch.id()));
        return unmoved(new Paint.OfSwatch(swatch.id()), swatch.color(), rank, true, own);
    }

    private static Ink unmoved(Paint paint, Rgb color, int rank, boolean ofBrand, Set<Role> roles) {
        return of(paint, color, color, rank, ofBrand, roles);
    }

    private static Ink of(Paint paint, Rgb base, Rgb color, int rank, boolean ofBrand, Set<Role> roles) {
        return new Ink(
                paint,
                base,
                color,
                Oklch.of(color),
                Lab.of(color),
                ContrastRatio.relativeLuminance(color),
                rank,
                ofBrand,
                roles);
    }

    static Ink plain(Rgb color, int rank) {
        return unmoved(new Paint.Fixed(color), color, rank, false, Set.of());
    }

    /** @return every swatch that may be used, in the usual order of use */
    static List<Ink> allOf(Palette palette, Roles roles) {
        return allOf(palette, roles, SuggestionPolicy.USUAL.highlight());
    }

    /** @return every swatch that may be used, in the order of use */
    static List<Ink> allOf(Palette palette, Roles roles, SuggestionPolicy.Highlight highlight) {
        Palette usable = roles.usable(palette);
        List<Ink> inks = new ArrayList<>();
        for (SwatchId id : OrderOfUse.of(usable, roles, highlight)) {
            inks.add(of(usable.get(id), inks.size(), roles));
        }
        return inks;
    }

    boolean is(Role role) {
        return roles.contains(role);
    }

    /** @param lightness what is added to the OKLCH lightness */
    Ink shifted(double lightness) {
        if (paint instanceof Paint.Fixed) {
            Rgb moved = Paint.Shifted.shift(color, lightness);
            return unmoved(new Paint.Fixed(moved), moved, rank, ofBrand, roles);
        }
        double before = paint instanceof Paint.Shifted shifted ? shifted.lightness() : 0;
        Paint.Shifted moved =
                new Paint.Shifted(paint.follows().orElseThrow(), Math.max(-1, Math.min(1, before + lightness)));
        // From the base and not from what it was moved to: this is what the slot will show.
        Rgb shown = moved.colorFrom(base);
        return of(moved, base, shown, rank, ofBrand, roles);
    }

    /** @param away as {@link Paint.OnLadder#away()} says; of its swatch, however this one was made from it */
    Ink onLadder(double away) {
        Paint moved = paint.follows()
                .<Paint>map(swatch -> new Paint.OnLadder(swatch, away))
                .orElseGet(() -> new Paint.Fixed(Ladder.at(base, away)));
        return of(moved, base, Ladder.at(base, away), rank, ofBrand, roles);
    }

    boolean isDerived() {
        return paint instanceof Paint.Shifted;
    }

    /** @return contrast ratio */
    double on(Ink ground) {
        return ContrastRatio.ofLuminances(luminance, ground.luminance).value();
    }

    /** @return ΔE00 */
    double apartFrom(Ink other) {
        return Difference.between(lab, other.lab);
    }
}
