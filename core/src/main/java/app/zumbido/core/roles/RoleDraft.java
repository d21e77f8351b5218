package app.zumbido.core.roles;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Degrees;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * First roles for a palette, from the order of its swatches, which is that of their use, from lightness and from chroma.
 * The borders were set by eye; common practice, no published source.
 */
public final class RoleDraft {
    /** Up to this chroma a colour is quiet enough to be written in, or to be a page; OKLCH. */
    private static final double QUIET = 0.08;
    /** Above this lightness a colour is a field to write on; OKLCH. */
    private static final double PALE = 0.9;
    /** What is written in on dark is what pages stand on, so it is nearly white; OKLCH lightness. */
    private static final double PAPER = 0.93;
    /** A light colour of less chroma is a pastel, which does not lead; OKLCH. */
    private static final double STRONG = 0.1;

    private static final double LIGHT = 0.82;
    /** Yellows lie before it, however greenish; degrees of OKLCH. */
    private static final double GREEN_FROM = 110;
    /** Series of charts are made out between these; OKLCH lightness. */
    private static final double DARKEST_SERIES = 0.2;

    private static final double LIGHTEST_SERIES = 0.85;

    /** Why a swatch was given its role. */
    public enum Reason {
        MOST_USED,
        NEXT_IN_USE,
        STRONGEST_AND_FARTHEST,
        DARKEST_AND_QUIET,
        LIGHTEST,
        PALE_AND_QUIET,
        GREEN,
        AMBER,
        RED,
        /** In the order of use, without the highlight. */
        IN_ORDER
    }

    /** What is proposed for a role. */
    public record Proposal(List<SwatchId> swatches, Reason reason) {
        public Proposal {
            swatches = List.copyOf(swatches);
        }
    }

    private final List<Swatch> swatches;
    private final Map<Role, Proposal> proposals = new EnumMap<>(Role.class);
    private final Set<SwatchId> taken = new HashSet<>();

    private RoleDraft(Palette usable) {
        // What stands on the ladder of another is not a colour of its own.
        swatches = usable.swatches().stream()
                .filter(swatch -> swatch.step().isEmpty())
                .toList();
    }

    /**
     * @param usable the palette without what is off-limits
     * @return no entry for a role that no swatch is fit for
     */
    public static Map<Role, Proposal> of(Palette usable) {
        RoleDraft draft = new RoleDraft(usable);
        draft.quietOnes();
        draft.loudOnes();
        draft.signals();
        draft.chart();
        return draft.proposals;
    }

    /** @return the same without the reasons */
    public static Map<Role, List<SwatchId>> assigned(Palette usable) {
        Map<Role, List<SwatchId>> assigned = new EnumMap<>(Role.class);
        of(usable).forEach((role, proposal) -> assigned.put(role, proposal.swatches()));
        return assigned;
    }

    private void quietOnes() {
        find(RoleDraft::isInk, Comparator.comparingDouble(RoleDraft::lightness)).ifPresent(text -> {
            propose(Role.TEXT, text, Reason.DARKEST_AND_QUIET);
            find(
                            other -> chroma(other) <= QUIET
                                    && lightness(other) >= PAPER
                                    && ratio(other.color(), text.color()).reaches(WcagLevel.AA.text()),
                            Comparator.comparingDouble(RoleDraft::lightness).reversed())
                    .ifPresent(light -> propose(Role.TEXT_ON_DARK, light, Reason.LIGHTEST));
        });
        find(
                        swatch -> lightness(swatch) > PALE && !taken.contains(swatch.id()),
                        Comparator.comparingDouble(RoleDraft::lightness))
                .or(() -> find(
                        swatch -> lightness(swatch) > PALE,
                        Comparator.comparingDouble(RoleDraft::lightness).reversed()))
                .ifPresent(field -> propose(Role.BOX_FILL, field, Reason.PALE_AND_QUIET));
    }

    private void loudOnes() {
        List<Swatch> colorful = swatches.stream()
                .filter(swatch -> Oklch.of(swatch.color()).isColorful())
                .filter(swatch -> lightness(swatch) <= PALE || chroma(swatch) >= STRONG)
                .toList();
        if (colorful.isEmpty()) {
            return;
        }
        Optional<Swatch> leading = colorful.stream().filter(RoleDraft::canLead).findFirst();
        if (leading.isEmpty()) {
            secondary(swatch -> true);
            return;
        }
        Swatch main = leading.get();
        propose(Role.MAIN, main, Reason.MOST_USED);
        // Beside a green and an amber, a red is a sign and raises nothing.
        Optional<Swatch> sign = green().isPresent() && amber().isPresent() ? red() : Optional.empty();
        Optional<Swatch> highlight = colorful.stream()
                .filter(swatch -> swatch != main && sign.filter(swatch::equals).isEmpty())
                .max(Comparator.comparingDouble(swatch -> chroma(swatch) * (1 + away(swatch, main) / 180)));
        highlight.ifPresent(swatch -> propose(Role.HIGHLIGHT, swatch, Reason.STRONGEST_AND_FARTHEST));
        secondary(swatch -> swatch != main && highlight.filter(swatch::equals).isEmpty());
    }

    /** A main colour is seen on a pale page: it is not pale itself, or strong all the same, as a yellow is. */
    private static boolean canLead(Swatch swatch) {
        return lightness(swatch) <= LIGHT || chroma(swatch) >= STRONG;
    }

    private void secondary(Predicate<Swatch> free) {
        List<SwatchId> rest = swatches.stream()
                .filter(swatch -> lightness(swatch) <= PALE)
                .filter(free)
                .map(Swatch::id)
                .filter(id -> !proposed(Role.TEXT).contains(id))
                .limit(Role.SECONDARY.most())
                .toList();
        if (!rest.isEmpty()) {
            proposals.put(Role.SECONDARY, new Proposal(rest, Reason.NEXT_IN_USE));
        }
    }

    private void signals() {
        green().ifPresent(green -> {
            propose(Role.POSITIVE, green, Reason.GREEN);
            propose(Role.GO, green, Reason.GREEN);
        });
        amber().ifPresent(amber -> propose(Role.CAUTION, amber, Reason.AMBER));
        // A red that leads or raises says something else already.
        red().filter(red -> !proposed(Role.MAIN).contains(red.id())
                        && !proposed(Role.HIGHLIGHT).contains(red.id()))
                .ifPresent(red -> {
                    propose(Role.NEGATIVE, red, Reason.RED);
                    propose(Role.STOP, red, Reason.RED);
                });
    }

    private Optional<Swatch> green() {
        return hue(GREEN_FROM, 200);
    }

    private Optional<Swatch> amber() {
        return hue(62, GREEN_FROM);
    }

    private Optional<Swatch> red() {
        return hue(8, 42);
    }

    private Optional<Swatch> hue(double from, double to) {
        return find(
                swatch -> Oklch.of(swatch.color()).isColorful()
                        && (lightness(swatch) <= PALE || chroma(swatch) >= STRONG)
                        && hueOf(swatch) >= from
                        && hueOf(swatch) <= to,
                Comparator.comparingDouble(RoleDraft::chroma).reversed());
    }

    /** The main colour leads, also where a grey is used more. */
    private void chart() {
        List<SwatchId> main = proposed(Role.MAIN);
        List<SwatchId> highlight = proposed(Role.HIGHLIGHT);
        List<SwatchId> series = swatches.stream()
                .filter(swatch -> lightness(swatch) >= DARKEST_SERIES && lightness(swatch) <= LIGHTEST_SERIES)
                .map(Swatch::id)
                .filter(id -> !highlight.contains(id))
                .sorted(Comparator.comparing(id -> !main.contains(id)))
                .limit(Role.CHART.most())
                .toList();
        if (!series.isEmpty()) {
            proposals.put(Role.CHART, new Proposal(series, Reason.IN_ORDER));
        }
    }

    private List<SwatchId> proposed(Role role) {
        return proposals.containsKey(role) ? proposals.get(role).swatches() : List.of();
    }

    private void propose(Role role, Swatch swatch, Reason reason) {
        proposals.put(role, new Proposal(List.of(swatch.id()), reason));
        taken.add(swatch.id());
    }

    private Optional<Swatch> find(Predicate<Swatch> fit, Comparator<Swatch> best) {
        return swatches.stream().filter(fit).min(best);
    }

    private static boolean isInk(Swatch swatch) {
        return chroma(swatch) <= QUIET && ratio(swatch.color(), Rgb.WHITE).reaches(WcagLevel.AAA.text());
    }

    private static ContrastRatio ratio(Rgb one, Rgb other) {
        return ContrastRatio.between(one, other);
    }

    private static double lightness(Swatch swatch) {
        return Oklch.of(swatch.color()).l();
    }

    private static double chroma(Swatch swatch) {
        return Oklch.of(swatch.color()).c();
    }

    private static double hueOf(Swatch swatch) {
        return Oklch.of(swatch.color()).hue().map(Degrees::value).orElse(0.0);
    }

    private static double away(Swatch one, Swatch other) {
        return Degrees.of(hueOf(one)).distanceTo(Degrees.of(hueOf(other)));
    }
}
