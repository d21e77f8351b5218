package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.roles.Role;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The six accents: brand colours in order of use, told apart from their neighbours, then companions of them. What has a hue
 * stands there however pale it is; what is weak on the page is said and not dropped.
 */
final class Accents {
    /** What a brand colour in an accent is worth; above all that it can cost, so that as many as possible stand. */
    private static final double WORTH = 100;
    /** What one with a hue is worth beyond that: no number of greys takes its place. */
    private static final double WORTH_OF_HUE = 10_000;

    private final List<Ink> brand;
    private final TextBlock text;
    private final SuggestionPolicy.Spare spare;
    /** What stands in accents already. */
    private final List<Ink> kept;
    /** The accents that are to be filled. */
    private final List<ThemeSlot> free;
    /** What stands in the last of them, whatever the others are. */
    private final Optional<Ink> last;
    /** The ordered subset of least cost that stands in the first of them. */
    private final List<Ink> chosen;

    private Accents(
            List<Ink> brand, TextBlock text, Map<ThemeSlot, Rgb> kept, List<ThemeSlot> free, SuggestionPolicy policy) {
        this.kept = kept.values().stream().map(color -> Ink.plain(color, 0)).toList();
        // What is kept in an accent is not wanted in another.
        this.brand =
                brand.stream().filter(ink -> !kept.containsValue(ink.color())).toList();
        this.text = text;
        this.spare = policy.spare();
        this.free = free;
        boolean apart = policy.highlight() == SuggestionPolicy.Highlight.LAST;
        this.last = free.isEmpty()
                ? Optional.empty()
                : this.brand.stream()
                        .filter(ink -> apart && ink.is(Role.HIGHLIGHT) && !isLikePage(ink, text))
                        .findFirst();
        List<Ink> ordinary = this.brand.stream()
                .filter(ink -> !apart || !ink.is(Role.HIGHLIGHT))
                .toList();
        this.chosen = choose(eligible(ordinary, text), text, last.isPresent() ? free.size() - 1 : free.size());
    }

    /** @param kept what stands in the accents that stay as they are, as far as anything does */
    static Accents of(List<Ink> brand, TextBlock text, Map<ThemeSlot, Rgb> kept, SuggestionPolicy policy) {
        List<ThemeSlot> free = ThemeSlot.ACCENTS.stream()
                .filter(slot -> !policy.kept().contains(slot))
                .toList();
        return new Accents(brand, text, kept, free, policy);
    }

    Map<ThemeSlot, SlotSetting> settings() {
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        for (Ink ink : chosen) {
            put(settings, ink.is(Role.CHART) ? SlotReason.IN_CHART_ORDER : SlotReason.IN_ORDER_OF_USE, ink.paint());
        }
        // What is made from others is made from the ordinary ones; without any there is nothing to repeat.
        List<Ink> bases = chosen.isEmpty() ? last.stream().toList() : chosen;
        SpareAccents spares =
                new SpareAccents(bases, Family.of(brand.stream().map(Ink::color).toList()), text);
        int missing = free.size() - chosen.size() - (last.isPresent() ? 1 : 0);
        List<SpareAccents.Made> made = switch (bases.isEmpty() && spare == SuggestionPolicy.Spare.REPEAT
                ? SuggestionPolicy.Spare.DERIVE
                : spare) {
            case DERIVE ->
                spares.derived(Stream.concat(kept.stream(), chosen.stream()).toList(), last, missing);
            case REPEAT -> spares.repeated(missing);
            case BLACK_AND_GREY -> SpareAccents.blackAndGrey(missing);
        };
        made.forEach(accent -> put(settings, accent.reason(), accent.paint()));
        last.ifPresent(ink -> put(settings, SlotReason.HIGHLIGHT_LAST, ink.paint()));
        return settings;
    }

    /** Fills the next accent. */
    private void put(Map<ThemeSlot, SlotSetting> settings, SlotReason reason, Paint paint) {
        settings.put(free.get(settings.size()), SlotSetting.because(reason, paint));
    }

    /** @return the colours of the brand that stand in no accent, though they could be seen on the page */
    List<Ink> leftOut() {
        List<Ink> left = new ArrayList<>(eligible(brand, text));
        left.removeAll(chosen);
        last.ifPresent(left::remove);
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

    void charge(Bill bill) {
        for (int i = 0; i < chosen.size(); i++) {
            ThemeSlot slot = free.get(i);
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
