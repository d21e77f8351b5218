package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The two link colours: both read on both light grounds, and a visited link looks different. */
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
        List<Ink> bases = brand.isEmpty() ? List.of(text.dark1()) : brand;
        for (Ink ink : bases) {
            inks.add(ink);
            Ink deepened = deepened(ink, text);
            if (!deepened.equals(ink)) {
                inks.add(deepened);
            }
            inks.add(deepened.shifted(-0.12));
            inks.add(deepened.shifted(0.25));
        }
        return inks;
    }

    /** Made darker by the least step at which it reads on both light grounds; unchanged if it does already. */
    private static Ink deepened(Ink ink, TextBlock text) {
        Ink darker = ink;
        for (int step = 1; !reads(darker, text) && darker.lch().l() > 0; step++) {
            darker = ink.shifted(-step * STEP);
        }
        return darker;
    }

    private static boolean reads(Ink ink, TextBlock text) {
        return Math.min(ink.on(text.light1()), ink.on(text.light2())) >= WcagLevel.AA.text();
    }

    double cost(TextBlock text) {
        double first = common(link, text)
                + (link.lch().c() < GREYISH ? 4 : 0)
                + Math.max(
                                0,
                                UNLIKE_TEXT
                                        - Difference.between(
                                                link.color(), text.dark1().color()))
                        * 0.2
                + link.rank() * 0.2;
        double second = common(visited, text) + visited.lch().c() * 4 + visited.rank() * 0.05;
        double apart = Difference.between(link.color(), visited.color());
        return first + second + (apart < TOLD_APART ? ALIKE + TOLD_APART - apart : 0);
    }

    private static double common(Ink ink, TextBlock text) {
        double worst = Math.min(ink.on(text.light1()), ink.on(text.light2()));
        double illegible = worst < WcagLevel.AA.text() ? ILLEGIBLE + WcagLevel.AA.text() - worst : 0;
        return illegible + (ink.isDerived() ? 1.5 : 0);
    }

    /** What browsers paint links in when nobody says otherwise. Source: HTML Living Standard, 15.3.3. */
    static Map<ThemeSlot, SlotSetting> customary() {
        return Map.of(
                ThemeSlot.HYPERLINK,
                SlotSetting.because(SlotReason.CUSTOMARY_LINK, new SlotFill.Fixed(BLUE)),
                ThemeSlot.FOLLOWED_HYPERLINK,
                SlotSetting.because(SlotReason.CUSTOMARY_LINK, new SlotFill.Fixed(PURPLE)));
    }

    Map<ThemeSlot, SlotSetting> settings() {
        return Map.of(
                ThemeSlot.HYPERLINK,
                SlotSetting.because(link.isDerived() ? SlotReason.LINK_DEEPENED : SlotReason.LINK_READS, link.fill()),
                ThemeSlot.FOLLOWED_HYPERLINK,
                SlotSetting.because(SlotReason.VISITED_DIFFERS, visited.fill()));
    }
}
