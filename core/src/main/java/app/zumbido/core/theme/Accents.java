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
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** The six accents: brand colours in order of use, told apart from their neighbours, then companions of them. */
final class Accents {
    /** What a brand colour in an accent is worth; above all that it can cost, so that as many as possible stand. */
    private static final double WORTH = 100;
    /** With less contrast to the paper a colour is paper itself and cannot be a series. */
    private static final double LIKE_PAPER = 1.4;
    /** A companion is made up anyway, so a faint one is taken before the same colour comes twice. */
    private static final double BARELY_SEEN = 1.25;

    private static final int SLOTS = ThemeSlot.ACCENTS.size();
    /** Told apart from each other and made out on white. */
    private static final List<Rgb> GREYS = List.of(Rgb.BLACK, Rgb.ofHex("737373"), Rgb.ofHex("404040"));

    private Accents() {}

    /** @param chosen as {@link #chosen} says */
    static Map<ThemeSlot, SlotSetting> settings(
            List<Ink> brand, List<Ink> chosen, TextBlock text, SuggestionPolicy.Spare spare) {
        Optional<Ink> highlight = highlight(brand, text);
        Map<ThemeSlot, SlotSetting> settings = new EnumMap<>(ThemeSlot.class);
        for (Ink ink : chosen) {
            put(settings, ink.is(Role.CHART) ? SlotReason.IN_CHART_ORDER : SlotReason.IN_ORDER_OF_USE, ink.paint());
        }
        int room = highlight.isPresent() ? SLOTS - 1 : SLOTS;
        // What is made from others is made from the ordinary ones; without any there is nothing to repeat.
        List<Ink> bases = chosen.isEmpty() ? highlight.stream().toList() : chosen;
        switch (bases.isEmpty() && spare == SuggestionPolicy.Spare.REPEAT ? SuggestionPolicy.Spare.DERIVE : spare) {
            case DERIVE ->
                derive(bases, Stream.concat(chosen.stream(), highlight.stream()).toList(), text, room, settings);
            case REPEAT -> repeat(bases, room, settings);
            case BLACK_AND_GREY -> blackAndGrey(room, settings);
        }
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
                .filter(ink -> ink.is(Role.HIGHLIGHT) && ink.on(text.page()) >= LIKE_PAPER)
                .findFirst();
    }

    /** @return the colours of the brand that stand in no accent, though they could be seen on the page */
    static List<Ink> leftOut(List<Ink> brand, List<Ink> chosen, TextBlock text) {
        List<Ink> left = new ArrayList<>(eligible(brand, text));
        left.removeAll(chosen);
        highlight(brand, text).ifPresent(left::remove);
        return left;
    }

    private static void derive(
            List<Ink> brand, List<Ink> placed, TextBlock text, int room, Map<ThemeSlot, SlotSetting> settings) {
        List<Ink> standing = new ArrayList<>(placed);
        List<Ink> bases = brand.isEmpty() ? List.of(text.text()) : brand;
        while (settings.size() < room) {
            Companion companion = nextCompanion(bases, standing, text);
            put(settings, companion.reason(), companion.ink().paint());
            standing.add(companion.ink());
        }
    }

    private static void repeat(List<Ink> bases, int room, Map<ThemeSlot, SlotSetting> settings) {
        for (int i = 0; settings.size() < room; i++) {
            put(
                    settings,
                    SlotReason.REPEATED_ACCENT,
                    bases.get(i % bases.size()).paint());
        }
    }

    private static void blackAndGrey(int room, Map<ThemeSlot, SlotSetting> settings) {
        for (int i = 0; settings.size() < room; i++) {
            put(settings, SlotReason.BLACK_OR_GREY, new Paint.Fixed(GREYS.get(i % GREYS.size())));
        }
    }

    static List<Ink> eligible(List<Ink> brand, TextBlock text) {
        List<Ink> eligible = new ArrayList<>();
        for (Ink ink : brand) {
            boolean doubled = eligible.stream().anyMatch(other -> other.color().equals(ink.color()));
            if (!doubled && ink.on(text.page()) >= LIKE_PAPER) {
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
        return -WORTH + ink.rank() - place + weak(ink, text);
    }

    private static double weak(Ink ink, TextBlock text) {
        return ink.on(text.page()) < WcagLevel.GRAPHICS ? 1 : 0;
    }

    private static double neighbours(Ink one, Ink other) {
        double apart = one.apartFrom(other);
        return apart < Difference.TOLD_APART ? 20 + Difference.TOLD_APART - apart : 0;
    }

    private record Companion(Ink ink, SlotReason reason) {}

    /** The companion that is told apart and seen best, among the lighter and darker ones of each base. */
    private static Companion nextCompanion(List<Ink> bases, List<Ink> standing, TextBlock text) {
        Companion best = null;
        double most = -1;
        for (Ink base : bases) {
            for (double lightness : new double[] {0.2, -0.2, 0.35, -0.1, 0.1}) {
                Ink ink = base.shifted(lightness);
                double apart =
                        standing.stream().mapToDouble(ink::apartFrom).min().orElse(Difference.TOLD_APART);
                double seen = Math.min(ink.on(text.page()), WcagLevel.GRAPHICS);
                double worth = seen < BARELY_SEEN ? 0 : Math.min(apart, 2 * Difference.TOLD_APART) + seen * 4;
                if (worth > most) {
                    most = worth;
                    best = new Companion(
                            ink, lightness > 0 ? SlotReason.LIGHTER_COMPANION : SlotReason.DARKER_COMPANION);
                }
            }
        }
        return Objects.requireNonNull(best);
    }
}
