package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.roles.Role;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The six accents: brand colours in order of use, told apart from their neighbours, then companions of them. What has a hue
 * stands there however pale it is; what is weak on the page is said and not dropped.
 */
final class Accents {
    /** What a brand colour in an accent is worth; above all that it can cost, so that as many as possible stand. */
    private static final double WORTH = 100;
    /** What one with a hue is worth beyond that: no number of greys takes its place. */
    private static final double WORTH_OF_HUE = 10_000;

    private static final int SLOTS = ThemeSlot.ACCENTS.size();

    private Accents() {}

    /** @param chosen as {@link #chosen} says */
    static Map<ThemeSlot, SlotSetting> settings(
            List<Ink> brand, List<Ink> chosen, TextBlock text, SuggestionPolicy.Spare spare) {
        Optional<Ink> highlight = highlight(brand, text);
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        for (Ink ink : chosen) {
            put(settings, ink.is(Role.CHART) ? SlotReason.IN_CHART_ORDER : SlotReason.IN_ORDER_OF_USE, ink.paint());
        }
        // What is made from others is made from the ordinary ones; without any there is nothing to repeat.
        List<Ink> bases = chosen.isEmpty() ? highlight.stream().toList() : chosen;
        SpareAccents spares =
                new SpareAccents(bases, Family.of(brand.stream().map(Ink::color).toList()), text);
        int missing = SLOTS - chosen.size() - (highlight.isPresent() ? 1 : 0);
        List<SpareAccents.Made> made = switch (bases.isEmpty() && spare == SuggestionPolicy.Spare.REPEAT
                ? SuggestionPolicy.Spare.DERIVE
                : spare) {
            case DERIVE -> spares.derived(chosen, highlight, missing);
            case REPEAT -> spares.repeated(missing);
            case BLACK_AND_GREY -> SpareAccents.blackAndGrey(missing);
        };
        made.forEach(accent -> put(settings, accent.reason(), accent.paint()));
        highlight.ifPresent(ink -> put(settings, SlotReason.HIGHLIGHT_LAST, ink.paint()));
        return settings;
    }

    /** Fills the next accent. */
    private static void put(Map<ThemeSlot, SlotSetting> settings, SlotReason reason, Paint paint) {
        settings.put(ThemeSlot.ACCENTS.get(settings.size()), SlotSetting.because(reason, paint));
    }

    /** @return the ordered subset of least cost that stands in the accents, without the highlight */
    static List<Ink> chosen(List<Ink> brand, TextBlock text) {
        List<Ink> ordinary =
                brand.stream().filter(ink -> !ink.is(Role.HIGHLIGHT)).toList();
        int room = highlight(brand, text).isPresent() ? SLOTS - 1 : SLOTS;
        return choose(eligible(ordinary, text), text, room);
    }

    private static Optional<Ink> highlight(List<Ink> brand, TextBlock text) {
        return brand.stream()
                .filter(ink -> ink.is(Role.HIGHLIGHT) && !isLikePage(ink, text))
                .findFirst();
    }

    /** @return the colours of the brand that stand in no accent, though they could be seen on the page */
    static List<Ink> leftOut(List<Ink> brand, List<Ink> chosen, TextBlock text) {
        List<Ink> left = new ArrayList<>(eligible(brand, text));
        left.removeAll(chosen);
        highlight(brand, text).ifPresent(left::remove);
        return left;
    }

    /** Whether nobody sees it there as a colour of its own: the page itself, or a grey hardly told from it. */
    private static boolean isLikePage(Ink ink, TextBlock text) {
        return ink.color().equals(text.page().color())
                || !ink.lch().isColorful() && ink.apartFrom(text.page()) < Difference.TOLD_APART;
    }

    static List<Ink> eligible(List<Ink> brand, TextBlock text) {
        List<Ink> eligible = new ArrayList<>();
        for (Ink ink : brand) {
            boolean doubled = eligible.stream().anyMatch(other -> other.color().equals(ink.color()));
            if (!doubled && !isLikePage(ink, text)) {
                eligible.add(ink);
            }
        }
        return eligible;
    }

    /** An ordered subset of least cost, found exactly: cheapest way to end at each colour with each number chosen. */
    static List<Ink> choose(List<Ink> eligible, TextBlock text, int room) {
        int n = eligible.size();
        double[][] cost = new double[n][room + 1];
        int[][] previous = new int[n][room + 1];
        int bestEnd = -1;
        int bestCount = 0;
        double best = 0;
        for (int i = 0; i < n; i++) {
            double[] beside = new double[i];
            for (int j = 0; j < i; j++) {
                beside[j] = neighbours(eligible.get(j), eligible.get(i));
            }
            for (int count = 1; count <= room; count++) {
                double alone = single(eligible.get(i), count - 1, text);
                cost[i][count] = count == 1 ? alone : Double.POSITIVE_INFINITY;
                previous[i][count] = -1;
                for (int j = 0; count > 1 && j < i; j++) {
                    double way = cost[j][count - 1] + alone + beside[j];
                    if (way < cost[i][count]) {
                        cost[i][count] = way;
                        previous[i][count] = j;
                    }
                }
                if (cost[i][count] < best) {
                    best = cost[i][count];
                    bestEnd = i;
                    bestCount = count;
                }
            }
        }
        List<Ink> chosen = new ArrayList<>();
        for (int i = bestEnd, count = bestCount; i >= 0; i = previous[i][count--]) {
            chosen.add(0, eligible.get(i));
        }
        return chosen;
    }

    static void charge(Bill bill, List<Ink> chosen, TextBlock text) {
        for (int i = 0; i < chosen.size(); i++) {
            ThemeSlot slot = ThemeSlot.ACCENTS.get(i);
            Ink ink = chosen.get(i);
            bill.charge(GivenUp.Kind.LATE_IN_ORDER, slot, ink.rank() - i);
            bill.charge(GivenUp.Kind.WEAK_ON_PAGE, slot, weak(ink, text));
            bill.charge(GivenUp.Kind.LIKE_ITS_NEIGHBOUR, slot, i == 0 ? 0 : neighbours(chosen.get(i - 1), ink));
        }
    }

    /** @param place among the accents, 0 first; the colours that are passed over cost */
    private static double single(Ink ink, int place, TextBlock text) {
        double hue = ink.lch().isColorful() ? WORTH_OF_HUE : 0;
        return -WORTH - hue + ink.rank() - place + weak(ink, text);
    }

    private static double weak(Ink ink, TextBlock text) {
        return ink.on(text.page()) < WcagLevel.GRAPHICS ? 1 : 0;
    }

    private static double neighbours(Ink one, Ink other) {
        double apart = one.apartFrom(other);
        return apart < Difference.TOLD_APART ? 20 + Difference.TOLD_APART - apart : 0;
    }
}
