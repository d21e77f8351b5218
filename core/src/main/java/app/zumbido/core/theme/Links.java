package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiConsumer;

/** The two link colours: both read on both grounds of the pages, and a visited link looks different. */
record Links(Ink link, Ink visited) {
    private static final double ILLEGIBLE = 100;
    private static final double ALIKE = 50;
    /** For each colour that comes before it in the order of use. */
    private static final double LATE_LINK = 0.2;
    /** The same for a visited link; the least that coming late costs. */
    private static final double LATE_VISITED = 0.05;
    /** Of the two, the visited one gives way. */
    private static final double DERIVED_LINK = 2;

    private static final double DERIVED_VISITED = 1.5;
    /** So many colours are looked at first. */
    private static final int FIRST = 12;
    /** From here a link is seen among text without its underline; ΔE00. Common practice, no published source. */
    private static final double UNLIKE_TEXT = 25;
    /** Below this chroma a link looks like text; OKLCH. */
    private static final double GREYISH = 0.04;

    private static final Rgb BLUE = Rgb.ofHex("0000EE");
    private static final Rgb PURPLE = Rgb.ofHex("551A8B");
    /** How finely a deepened link is searched; OKLCH lightness. */
    private static final double STEP = 0.01;

    private static final int STEPS = 100;

    /** The best of all pairs; a colour that comes late in the order of use is looked at only where it could still win. */
    static Links best(List<Ink> brand, TextBlock text) {
        Links best = cheapest(candidates(brand.subList(0, Math.min(brand.size(), FIRST)), text), text);
        int last = (int) Math.min(brand.size(), Math.ceil(best.cost(text) / LATE_VISITED));
        return last <= FIRST ? best : cheapest(candidates(brand.subList(0, last), text), text);
    }

    /**
     * Each link by itself and each visited one by itself has its cost; beside that a pair costs only where the two are alike. So
     * the pairs are tried from the cheapest on, until none can be cheaper than the best.
     */
    private static Links cheapest(List<Ink> inks, TextBlock text) {
        List<Priced> links = priced(inks, (bill, ink) -> chargeLink(bill, ink, text));
        List<Priced> visited = priced(inks, (bill, ink) -> chargeVisited(bill, ink, text));
        Links best = null;
        double lowest = Double.POSITIVE_INFINITY;
        for (Priced link : links) {
            for (Priced other : visited) {
                double apart = link.cost() + other.cost();
                if (apart >= lowest) {
                    break;
                }
                double cost = apart + alike(link.ink(), other.ink());
                if (cost < lowest) {
                    lowest = cost;
                    best = new Links(link.ink(), other.ink());
                }
            }
        }
        return Objects.requireNonNull(best);
    }

    private record Priced(Ink ink, double cost) {}

    /** @return the cheapest first */
    private static List<Priced> priced(List<Ink> inks, BiConsumer<Bill, Ink> charge) {
        return inks.stream()
                .map(ink -> {
                    Bill bill = Bill.sum();
                    charge.accept(bill, ink);
                    return new Priced(ink, bill.total());
                })
                .sorted(Comparator.comparingDouble(Priced::cost))
                .toList();
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

    /**
     * Moved away from the pages by the least step at which it reads on both; unchanged if it does already. The farther it is
     * moved the better it reads, so the step is found by halving; rounding to 8 bits may let an earlier one read as well.
     */
    private static Ink readable(Ink ink, TextBlock text) {
        if (reads(ink, text)) {
            return ink;
        }
        int away = away(text);
        int notYet = 0;
        int step = STEPS;
        while (step - notYet > 1) {
            int middle = (notYet + step) / 2;
            if (reads(ink.shifted(away * middle * STEP), text)) {
                step = middle;
            } else {
                notYet = middle;
            }
        }
        while (step > 1 && reads(ink.shifted(away * (step - 1) * STEP), text)) {
            step--;
        }
        return ink.shifted(away * step * STEP);
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
        chargeLink(bill, link, text);
        chargeVisited(bill, visited, text);
        bill.charge(GivenUp.Kind.VISITED_ALIKE, ThemeSlot.FOLLOWED_HYPERLINK, alike(link, visited));
    }

    private static void chargeLink(Bill bill, Ink ink, TextBlock text) {
        chargeLegibility(bill, ThemeSlot.HYPERLINK, ink, text);
        bill.charge(GivenUp.Kind.DERIVED, ThemeSlot.HYPERLINK, ink.isDerived() ? DERIVED_LINK : 0);
        bill.charge(GivenUp.Kind.GREYISH, ThemeSlot.HYPERLINK, ink.lch().c() < GREYISH ? 4 : 0);
        double unlikeText = ink.apartFrom(text.text());
        // Text that is made of the only colour gives way to it, and not the link.
        double likeText = text.isMadeOfOnlyColor() ? 0 : Math.max(0, UNLIKE_TEXT - unlikeText) * 0.2;
        bill.charge(GivenUp.Kind.LIKE_TEXT, ThemeSlot.HYPERLINK, likeText);
        bill.charge(GivenUp.Kind.LATE_IN_ORDER, ThemeSlot.HYPERLINK, ink.rank() * LATE_LINK);
    }

    private static void chargeVisited(Bill bill, Ink ink, TextBlock text) {
        chargeLegibility(bill, ThemeSlot.FOLLOWED_HYPERLINK, ink, text);
        bill.charge(GivenUp.Kind.DERIVED, ThemeSlot.FOLLOWED_HYPERLINK, ink.isDerived() ? DERIVED_VISITED : 0);
        bill.charge(GivenUp.Kind.VIVID, ThemeSlot.FOLLOWED_HYPERLINK, ink.lch().c() * 4);
        bill.charge(GivenUp.Kind.LATE_IN_ORDER, ThemeSlot.FOLLOWED_HYPERLINK, ink.rank() * LATE_VISITED);
    }

    private static double alike(Ink link, Ink visited) {
        double apart = link.apartFrom(visited);
        return apart < Difference.TOLD_APART ? ALIKE + Difference.TOLD_APART - apart : 0;
    }

    private static void chargeLegibility(Bill bill, ThemeSlot slot, Ink ink, TextBlock text) {
        double worst = text.worstOnPages(ink);
        bill.charge(
                GivenUp.Kind.ILLEGIBLE,
                slot,
                worst < WcagLevel.AA.text() ? ILLEGIBLE + WcagLevel.AA.text() - worst : 0);
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
