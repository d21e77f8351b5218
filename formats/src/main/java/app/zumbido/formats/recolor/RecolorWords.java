package app.zumbido.formats.recolor;

import app.zumbido.core.recolor.Deal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is to be known of an arrangement, in words. */
public final class RecolorWords {
    /** Cost of lightness, for each colour, above which light and dark look exchanged; set by eye. */
    private static final double EXCHANGED = 0.12;
    /** Contrast ratio below which two areas run together. */
    private static final double TOGETHER = 1.15;

    private RecolorWords() {}

    /** @return one sentence */
    public static String deal(Deal deal) {
        List<String> parts = new ArrayList<>();
        boolean stays = deal.cost().lightness() <= EXCHANGED * deal.mapping().size();
        parts.add(stays ? "light stays light" : "light and dark change places");
        deal.leastContrast()
                .ifPresent(least -> parts.add(
                        least < TOGETHER
                                ? "two areas run together, " + ratio(least)
                                : "touching areas told apart from " + ratio(least)));
        if (!deal.weaker().isEmpty()) {
            parts.add(deal.weaker().size() + (deal.weaker().size() == 1 ? " border" : " borders")
                    + " weaker than before");
        }
        String sentence = String.join("; ", parts) + ".";
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
    }

    /** Cut and not rounded: what fails must not look as if it passed. */
    private static String ratio(double value) {
        return String.format(Locale.ROOT, "%.2f:1", Math.floor(value * 100) / 100);
    }
}
