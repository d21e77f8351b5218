package app.zumbido.core.theme;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The four slots that text and its grounds are made of: both darks must read on both lights. */
record TextBlock(Ink dark1, Ink light1, Ink dark2, Ink light2) {
    /** Outweighs every preference: an illegible pair is taken only where nothing reads. */
    private static final double ILLEGIBLE = 100;

    /** The best of all assignments; black and white stand beside the brand's colours. */
    static TextBlock best(List<Ink> brand) {
        List<Ink> inks = candidates(brand);
        TextBlock best = null;
        double lowest = Double.POSITIVE_INFINITY;
        for (Ink dark1 : inks) {
            for (Ink light1 : inks) {
                double first = firstCost(dark1, light1);
                // Everything that is added below is at least 0, so nothing better can come of it.
                if (first >= lowest) {
                    continue;
                }
                for (Ink dark2 : inks) {
                    for (Ink light2 : inks) {
                        double cost = first + secondCost(dark1, light1, dark2, light2);
                        if (cost < lowest) {
                            lowest = cost;
                            best = new TextBlock(dark1, light1, dark2, light2);
                        }
                    }
                }
            }
        }
        return Objects.requireNonNull(best);
    }

    static List<Ink> candidates(List<Ink> brand) {
        List<Ink> inks = new ArrayList<>(brand);
        addUnlessPresent(inks, Rgb.BLACK, brand.size());
        addUnlessPresent(inks, Rgb.WHITE, brand.size());
        return inks;
    }

    private static void addUnlessPresent(List<Ink> inks, Rgb color, int rank) {
        if (inks.stream().noneMatch(ink -> ink.color().equals(color))) {
            inks.add(Ink.plain(color, rank));
        }
    }

    double cost() {
        return firstCost(dark1, light1) + secondCost(dark1, light1, dark2, light2);
    }

    /** Text is as dark as the brand allows; the paper is as light as the brand allows, or plain white. */
    private static double firstCost(Ink dark1, Ink light1) {
        double dark = dark1.lch().l() * 4 + (dark1.ofBrand() ? 0 : 4);
        double light = (1 - light1.lch().l()) * 30 + light1.lch().c() * 10 + (light1.ofBrand() ? 0 : 1);
        return dark + light + legibility(dark1, light1);
    }

    private static double secondCost(Ink dark1, Ink light1, Ink dark2, Ink light2) {
        double dark = (dark2.color().equals(dark1.color()) ? 2 : 0) + (dark2.ofBrand() ? 0 : 4) + dark2.rank() * 0.05;
        double light = Math.max(0, 0.92 - light2.lch().l()) * 15
                + light2.lch().c() * 8
                + (light2.color().equals(light1.color()) ? 2 : 0)
                + (light2.ofBrand() ? 0 : 3);
        return dark + light + legibility(dark2, light1) + legibility(dark1, light2) + legibility(dark2, light2);
    }

    private static double legibility(Ink dark, Ink light) {
        double ratio = dark.on(light);
        if (dark.lch().l() >= light.lch().l() || ratio < WcagLevel.AA.text()) {
            return ILLEGIBLE + Math.max(0, WcagLevel.AA.text() - ratio);
        }
        return Math.max(0, WcagLevel.AAA.text() - ratio) * 0.3;
    }

    Map<ThemeSlot, SlotSetting> settings() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        settings.put(ThemeSlot.DARK_1, setting(dark1, SlotReason.READS_BEST_ON_LIGHT));
        settings.put(ThemeSlot.LIGHT_1, setting(light1, SlotReason.LIGHTEST));
        settings.put(ThemeSlot.DARK_2, second(dark2, dark1, SlotReason.SECOND_DARK));
        settings.put(ThemeSlot.LIGHT_2, second(light2, light1, SlotReason.SECOND_LIGHT));
        return settings;
    }

    private static SlotSetting second(Ink ink, Ink first, SlotReason reason) {
        return setting(ink, ink.color().equals(first.color()) ? SlotReason.REPEATED_TO_STAY_LEGIBLE : reason);
    }

    private static SlotSetting setting(Ink ink, SlotReason reason) {
        boolean repeated = reason == SlotReason.REPEATED_TO_STAY_LEGIBLE;
        return SlotSetting.because(ink.ofBrand() || repeated ? reason : SlotReason.BLACK_OR_WHITE, ink.fill());
    }
}
