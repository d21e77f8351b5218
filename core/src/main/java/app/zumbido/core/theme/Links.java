package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The two link colours: both read on both grounds of the pages, and a visited link looks different. */
record Links(Ink link, Ink visited) {
    private static final double ILLEGIBLE = 100;
    private static final double ALIKE = 50;
    /** From here two colours are told apart at a glance; ΔE00. Common practice, no published source. */
    private static final double TOLD_APART = 10;
    /** From here a link is seen among text without its underline; ΔE00. Common practice, no published source. */
    private static final double UNLIKE_TEXT = 25;
    /** Below this chroma a link looks like text; OKLCH. */
    private static final double GREYISH = 0.04;

    private static final Rgb BLUE = Rgb.ofHex("0000EE");
    private static final Rgb PURPLE = Rgb.ofHex("551A8B");
    /** How finely a deepened link is searched; OKLCH lightness. */
    private static final double STEP = 0.01;

    static Links best(List<Ink> brand, TextBlock text) {
        List<Ink> inks = candidates(brand, text);
        Links best = new Links(inks.get(0), inks.get(0));
        for (Ink link : inks) {
            for (Ink visited : inks) {
                Links links = new Links(link, visited);
                if (links.cost(text) < best.cost(text)) {
                    best = links;
                }
            }
        }
        return best;
    }

    static List<Ink> candidates(List<Ink> brand, TextBlock text) {
        List<Ink> inks = new ArrayList<>();
        List<Ink> bases = brand.isEmpty() ? List.of(text.text()) : brand;
        int away = away(text);
        for (Ink ink : bases) {
            inks.add(ink);
            Ink readable = readable(ink, text);
            if (!readable.equals(ink)) {
                inks.add(readable);
            }
            inks.add(readable.shifted(away * 0.12));
            inks.add(readable.shifted(away * -0.25));
        }
        return inks;
    }

    /** @return 1 if colours become lighter to be read on the pages, -1 if they become darker */
    private static int away(TextBlock text) {
        return text.ground() == PageGround.LIGHT ? -1 : 1;
    }

    /** Moved away from the pages by the least step at which it reads on both; unchanged if it does already. */
    private static Ink readable(Ink ink, TextBlock text) {
        int away = away(text);
        Ink moved = ink;
        for (int step = 1; !reads(moved, text) && step * STEP <= 1; step++) {
            moved = ink.shifted(away * step * STEP);
        }
        return moved;
    }

    private static boolean reads(Ink ink, TextBlock text) {
        return text.worstOnPages(ink) >= WcagLevel.AA.text();
    }

    double cost(TextBlock text) {
        Bill bill = Bill.sum();
        charge(bill, text);
        return bill.total();
    }

    void charge(Bill bill, TextBlock text) {
        chargeLegibility(bill, ThemeSlot.HYPERLINK, link, text);
        bill.charge(GivenUp.Kind.GREYISH, ThemeSlot.HYPERLINK, link.lch().c() < GREYISH ? 4 : 0);
        double unlikeText = Difference.between(link.color(), text.text().color());
        bill.charge(GivenUp.Kind.LIKE_TEXT, ThemeSlot.HYPERLINK, Math.max(0, UNLIKE_TEXT - unlikeText) * 0.2);
        bill.charge(GivenUp.Kind.LATE_IN_ORDER, ThemeSlot.HYPERLINK, link.rank() * 0.2);
        chargeLegibility(bill, ThemeSlot.FOLLOWED_HYPERLINK, visited, text);
        bill.charge(
                GivenUp.Kind.VIVID, ThemeSlot.FOLLOWED_HYPERLINK, visited.lch().c() * 4);
        bill.charge(GivenUp.Kind.LATE_IN_ORDER, ThemeSlot.FOLLOWED_HYPERLINK, visited.rank() * 0.05);
        double apart = Difference.between(link.color(), visited.color());
        bill.charge(
                GivenUp.Kind.VISITED_ALIKE,
                ThemeSlot.FOLLOWED_HYPERLINK,
                apart < TOLD_APART ? ALIKE + TOLD_APART - apart : 0);
    }

    private static void chargeLegibility(Bill bill, ThemeSlot slot, Ink ink, TextBlock text) {
        double worst = text.worstOnPages(ink);
        bill.charge(
                GivenUp.Kind.ILLEGIBLE,
                slot,
                worst < WcagLevel.AA.text() ? ILLEGIBLE + WcagLevel.AA.text() - worst : 0);
        bill.charge(GivenUp.Kind.DERIVED, slot, ink.isDerived() ? 1.5 : 0);
    }

    /** What browsers paint links in when nobody says otherwise. Source: HTML Living Standard, 15.3.3. */
    static Map<ThemeSlot, SlotSetting> customary() {
        return Map.of(
                ThemeSlot.HYPERLINK,
                SlotSetting.because(SlotReason.CUSTOMARY_LINK, new Paint.Fixed(BLUE)),
                ThemeSlot.FOLLOWED_HYPERLINK,
                SlotSetting.because(SlotReason.CUSTOMARY_LINK, new Paint.Fixed(PURPLE)));
    }

    Map<ThemeSlot, SlotSetting> settings() {
        return Map.of(
                ThemeSlot.HYPERLINK,
                SlotSetting.because(reason(), link.paint()),
                ThemeSlot.FOLLOWED_HYPERLINK,
                SlotSetting.because(SlotReason.VISITED_DIFFERS, visited.paint()));
    }

    private SlotReason reason() {
        if (link.paint() instanceof Paint.Shifted shifted) {
            return shifted.lightness() < 0 ? SlotReason.LINK_DEEPENED : SlotReason.LINK_LIGHTENED;
        }
        return SlotReason.LINK_READS;
    }
}
