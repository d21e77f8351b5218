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
    /** Up to this chroma a dark colour is quiet enough for body text; OKLCH. */
    private static final double QUIET = 0.08;
    /** Above this lightness a colour is a field to write on; OKLCH. */
    private static final double PALE = 0.9;
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
                            other -> ratio(other.color(), text.color()).reaches(WcagLevel.AA.text()),
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
                .filter(swatch -> Oklch.of(swatch.color()).isColorful() && lightness(swatch) <= PALE)
                .toList();
        if (colorful.isEmpty()) {
            return;
        }
        Swatch main = colorful.get(0);
        propose(Role.MAIN, main, Reason.MOST_USED);
        Optional<Swatch> highlight = colorful.size() < 2
                ? Optional.empty()
                : colorful.stream()
                        .skip(1)
                        .max(Comparator.comparingDouble(swatch -> chroma(swatch) * (1 + away(swatch, main) / 180)));
        highlight.ifPresent(swatch -> propose(Role.HIGHLIGHT, swatch, Reason.STRONGEST_AND_FARTHEST));
        List<SwatchId> rest = swatches.stream()
                .filter(swatch -> lightness(swatch) <= PALE)
                .map(Swatch::id)
                .filter(id -> !id.equals(main.id()))
                .filter(id -> highlight.filter(swatch -> swatch.id().equals(id)).isEmpty())
                .filter(id -> !proposals.containsKey(Role.TEXT)
                        || !proposals.get(Role.TEXT).swatches().contains(id))
                .limit(Role.SECONDARY.most())
                .toList();
        if (!rest.isEmpty()) {
            proposals.put(Role.SECONDARY, new Proposal(rest, Reason.NEXT_IN_USE));
        }
    }

    private void signals() {
        hue(100, 200).ifPresent(green -> {
            propose(Role.POSITIVE, green, Reason.GREEN);
            propose(Role.GO, green, Reason.GREEN);
        });
        hue(62, 105).ifPresent(amber -> propose(Role.CAUTION, amber, Reason.AMBER));
        hue(8, 42).ifPresent(red -> {
            propose(Role.NEGATIVE, red, Reason.RED);
            propose(Role.STOP, red, Reason.RED);
        });
    }

    private Optional<Swatch> hue(double from, double to) {
        return find(
                swatch -> Oklch.of(swatch.color()).isColorful()
                        && lightness(swatch) <= PALE
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
