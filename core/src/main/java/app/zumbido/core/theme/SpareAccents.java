package app.zumbido.core.theme;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What stands in accents that the brand has no colour for. */
final class SpareAccents {
    /** Told apart from each other and made out on white. */
    private static final List<Rgb> GREYS = List.of(Rgb.BLACK, Rgb.ofHex("737373"), Rgb.ofHex("404040"));
    /** Nearer to any other accent it is that one; ΔE00. */
    private static final double SAME = 5;
    /** A companion is made up anyway, so a faint one is taken before the same colour comes twice. */
    private static final double BARELY_SEEN = 1.25;
    /** Darker ones are near-blacks, which nobody would choose; OKLCH lightness. */
    private static final double NEAR_BLACK = 0.35;
    /** What a near-black costs for each step of lightness; in the measure of differences. */
    private static final double DARKNESS = 150;
    /** What is left where a colour was moved too far. */
    private static final Set<Rgb> NO_COMPANIONS = Set.of(Rgb.BLACK, Rgb.WHITE);

    /** So many steps of the ladder of a base to either side are looked at, each a share of the way to its end. */
    private static final int STEPS = 9;

    private static final double STEP = 0.1;
    /** The base moved in lightness alone; OKLCH. */
    private static final double[] SHIFTS = {0.2, -0.2, 0.35, -0.1, 0.1};

    private final List<Ink> bases;
    private final Family family;
    private final TextBlock text;

    /** An accent that is made up, and why. */
    record Made(Paint paint, SlotReason reason) {}

    /** @param bases what the others are made from */
    SpareAccents(List<Ink> bases, Family family, TextBlock text) {
        this.bases = bases;
        this.family = family;
        this.text = text;
    }

    /**
     * Lighter and darker companions: each is told apart from all and from its neighbour, its tints stay in the family, and of
     * those the one that is told apart and seen best.
     *
     * @param standing the colours that stand already, without what comes last
     * @param last what comes behind them
     */
    List<Made> derived(List<Ink> standing, Optional<Ink> last, int count) {
        List<Candidate> candidates = candidates();
        List<Ink> placed = new ArrayList<>(standing);
        List<Made> made = new ArrayList<>();
        while (made.size() < count) {
            Optional<Ink> behind = made.size() + 1 == count ? last : Optional.empty();
            Candidate next = next(candidates, placed, last, behind);
            made.add(new Made(next.ink().paint(), next.reason()));
            placed.add(next.ink());
        }
        return made;
    }

    private record Candidate(Ink ink, SlotReason reason, boolean inFamily) {}

    private List<Candidate> candidates() {
        List<Ink> from = bases.isEmpty() ? List.of(text.text()) : bases;
        return from.stream()
                .flatMap(base -> Stream.concat(
                                IntStream.rangeClosed(-STEPS, STEPS)
                                        .filter(step -> step != 0)
                                        .mapToObj(step -> base.onLadder(step * STEP)),
                                DoubleStream.of(SHIFTS).mapToObj(base::shifted))
                        .filter(ink -> !NO_COMPANIONS.contains(ink.color())
                                && !ink.color().equals(base.color()))
                        .map(ink -> new Candidate(
                                ink,
                                ink.lch().l() > base.lch().l()
                                        ? SlotReason.LIGHTER_COMPANION
                                        : SlotReason.DARKER_COMPANION,
                                family.holds(ink.color()))))
                .toList();
    }

    /** What is least important is given up first; that two accents are one never is while there is another way. */
    private Candidate next(List<Candidate> candidates, List<Ink> placed, Optional<Ink> last, Optional<Ink> behind) {
        List<Ink> all = Stream.concat(placed.stream(), last.stream()).toList();
        List<Ink> neighbours = Stream.concat(
                        placed.isEmpty() ? Stream.of() : Stream.of(placed.get(placed.size() - 1)), behind.stream())
                .toList();
        Predicate<Candidate> apart = candidate -> all.stream().allMatch(ink -> ink.apartFrom(candidate.ink()) >= SAME)
                && neighbours.stream().allMatch(ink -> ink.apartFrom(candidate.ink()) >= Difference.TOLD_APART);
        Predicate<Candidate> seen = candidate -> candidate.ink().on(text.page()) >= BARELY_SEEN;
        return best(candidates, all, apart.and(seen).and(Candidate::inFamily))
                .or(() -> best(candidates, all, apart.and(Candidate::inFamily)))
                .or(() -> best(candidates, all, apart))
                .or(() -> best(candidates, all, candidate -> true))
                .orElseThrow();
    }

    private Optional<Candidate> best(List<Candidate> candidates, List<Ink> all, Predicate<Candidate> fit) {
        Candidate best = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Candidate candidate : candidates) {
            if (fit.test(candidate) && worth(candidate.ink(), all) > most) {
                most = worth(candidate.ink(), all);
                best = candidate;
            }
        }
        return Optional.ofNullable(best);
    }

    private double worth(Ink ink, List<Ink> all) {
        double apart = all.stream().mapToDouble(ink::apartFrom).min().orElse(Difference.TOLD_APART);
        double seen = Math.min(ink.on(text.page()), WcagLevel.GRAPHICS);
        double dark = Math.max(0, NEAR_BLACK - ink.lch().l());
        return Math.min(apart, 2 * Difference.TOLD_APART) + seen * 4 - dark * DARKNESS;
    }

    List<Made> repeated(int count) {
        return Stream.iterate(0, i -> i + 1)
                .limit(count)
                .map(i -> new Made(bases.get(i % bases.size()).paint(), SlotReason.REPEATED_ACCENT))
                .toList();
    }

    static List<Made> blackAndGrey(int count) {
        return Stream.iterate(0, i -> i + 1)
                .limit(count)
                .map(i -> new Made(new Paint.Fixed(GREYS.get(i % GREYS.size())), SlotReason.BLACK_OR_GREY))
                .toList();
    }
}
