package app.zumbido.core.palette;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Lab;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Print;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.List;

/** Finds what there is to remark on a palette. Where no source is named, the numbers are common practice. */
public final class Remarks {
    /** Below this two colours are taken for one; ΔE00. */
    private static final double ALIKE = 3;
    /** More than seven nobody remembers. */
    private static final int MOST = 7;
    /** Three is what people begin with. */
    private static final int FEWEST = 3;
    /** Above this chroma a colour is no neutral; OKLCH, set by eye so that a deep navy still is one. */
    private static final double NEUTRAL = 0.08;
    /** Below this ratio a field melts into white; set by eye. */
    private static final double VISIBLE = 1.25;

    private Remarks() {}

    /** @return those on the whole palette first, then swatch by swatch; the ones put aside too */
    public static List<Remark> of(Palette palette, PressProfile press) {
        List<Remark> remarks = new ArrayList<>();
        number(palette, remarks);
        neutral(palette, remarks);
        alike(palette.swatches(), remarks);
        for (Swatch swatch : palette.swatches()) {
            if (ContrastRatio.between(swatch.color(), Rgb.WHITE).value() < VISIBLE) {
                remarks.add(new Remark.NeedsOutline(swatch));
            }
            Print print = Print.of(swatch.color(), press);
            if (print.reach() != Print.Reach.REACHED) {
                remarks.add(new Remark.BeyondPress(swatch, print));
            }
            if (print.blackText()) {
                remarks.add(new Remark.BlackAlone(swatch));
            }
        }
        return remarks;
    }

    private static void number(Palette palette, List<Remark> remarks) {
        // What follows a base on its ladder is not one colour more.
        List<Swatch> core = palette.in(Group.CORE).stream()
                .filter(swatch -> swatch.step().isEmpty())
                .toList();
        if (core.size() > MOST) {
            remarks.add(new Remark.TooMany(core.size(), core.subList(MOST, core.size())));
        }
        int all = palette.swatches().size();
        if (all > 0 && all < FEWEST) {
            remarks.add(new Remark.TooFew(all));
        }
    }

    private static void neutral(Palette palette, List<Remark> remarks) {
        boolean readable = palette.swatches().stream()
                .map(Swatch::color)
                .filter(color -> Oklch.of(color).c() <= NEUTRAL)
                .anyMatch(color -> ContrastRatio.between(color, Rgb.WHITE).reaches(WcagLevel.AA.text()));
        if (!readable && !palette.swatches().isEmpty()) {
            remarks.add(new Remark.NoNeutral());
        }
    }

    private static void alike(List<Swatch> swatches, List<Remark> remarks) {
        List<Lab> labs = swatches.stream().map(swatch -> Lab.of(swatch.color())).toList();
        for (int i = 0; i < swatches.size(); i++) {
            for (int j = i + 1; j < swatches.size(); j++) {
                double difference = Difference.between(labs.get(i), labs.get(j));
                if (difference < ALIKE) {
                    remarks.add(new Remark.NearlyTheSame(swatches.get(i), swatches.get(j), difference));
                }
            }
        }
    }
}
