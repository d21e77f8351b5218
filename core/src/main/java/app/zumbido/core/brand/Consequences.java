package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.UsedPair;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything that follows a change, told before it happens.
 *
 * @param swatches those whose colour changes, what stands on a ladder too
 * @param slots those that show another colour
 * @param tints how many exact values of the slots' derived tints change
 * @param pairs those in use that turn from passing to failing or back, at level AA
 * @param roles those whose colour changes
 * @param grounds gradients and overlays of the brand that are painted anew
 */
public record Consequences(
        List<SwatchFollows> swatches,
        List<SlotFollows> slots,
        int tints,
        List<PairTurns> pairs,
        List<Role> roles,
        List<GroundFollows> grounds) {
    public Consequences {
        roles = List.copyOf(roles);
        grounds = List.copyOf(grounds);
        swatches = List.copyOf(swatches);
        slots = List.copyOf(slots);
        pairs = List.copyOf(pairs);
    }

    /**
     * @param swatch as it was before
     * @param to nothing if it leaves the palette
     * @param derived whether it follows another swatch
     */
    public record SwatchFollows(Swatch swatch, Optional<Rgb> to, boolean derived) {}

    /** @param from nothing if it was empty */
    public record SlotFollows(Theme theme, ThemeSlot slot, Optional<Rgb> from, Optional<Rgb> to) {}

    /** The same pair before and after. */
    public record PairTurns(Theme theme, UsedPair before, UsedPair after) {}

    /**
     * @param reads whether its own text can be read afterwards where it is hardest, large at least; also where that cannot
     *     be told, as over a picture
     */
    public record GroundFollows(ComposedGround ground, boolean reads) {}

    /** Whether anything follows at all. */
    public boolean isEmpty() {
        return swatches.isEmpty() && slots.isEmpty() && pairs.isEmpty() && roles.isEmpty() && grounds.isEmpty();
    }

    public static Consequences between(Brand before, Brand after) {
        List<SlotFollows> slots = slots(before, after);
        List<SwatchFollows> swatches = swatches(before, after);
        return new Consequences(
                swatches, slots, tints(slots), pairs(before, after), roles(before, swatches), grounds(before, after));
    }

    private static List<Role> roles(Brand before, List<SwatchFollows> swatches) {
        Set<SwatchId> changed = new HashSet<>();
        swatches.forEach(follows -> changed.add(follows.swatch().id()));
        return Arrays.stream(Role.values())
                .filter(role -> !role.forbids())
                .filter(role -> before.roles().of(role).stream().anyMatch(changed::contains))
                .toList();
    }

    private static List<GroundFollows> grounds(Brand before, Brand after) {
        List<GroundFollows> follow = new ArrayList<>();
        for (ComposedGround ground : before.grounds().composed()) {
            after.grounds().find(ground.id()).ifPresent(same -> {
                if (!colors(ground, before.palette()).equals(colors(same, after.palette()))) {
                    boolean reads = same.worst(same.text().resolve(after.palette()), after.palette())
                            .map(worst -> worst.ratio().reaches(WcagLevel.AA.largeText()))
                            .orElse(true);
                    follow.add(new GroundFollows(same, reads));
                }
            });
        }
        return follow;
    }

    private static List<Rgb> colors(ComposedGround ground, Palette palette) {
        return ground.paints().stream().map(paint -> paint.resolve(palette)).toList();
    }

    private static List<SwatchFollows> swatches(Brand before, Brand after) {
        List<SwatchFollows> follow = new ArrayList<>();
        for (Swatch swatch : before.palette().swatches()) {
            Optional<Rgb> to = after.palette().find(swatch.id()).map(Swatch::color);
            if (!to.equals(Optional.of(swatch.color()))) {
                follow.add(new SwatchFollows(swatch, to, swatch.step().isPresent()));
            }
        }
        return follow;
    }

    private static List<SlotFollows> slots(Brand before, Brand after) {
        List<SlotFollows> follow = new ArrayList<>();
        for (Theme theme : before.themes().all()) {
            Map<ThemeSlot, Rgb> was = theme.resolve(before.palette());
            Map<ThemeSlot, Rgb> is = after.themes()
                    .find(theme.id())
                    .map(same -> same.resolve(after.palette()))
                    .orElse(was);
            for (ThemeSlot slot : ThemeSlot.values()) {
                Optional<Rgb> from = Optional.ofNullable(was.get(slot));
                Optional<Rgb> to = Optional.ofNullable(is.get(slot));
                if (!from.equals(to)) {
                    follow.add(new SlotFollows(theme, slot, from, to));
                }
            }
        }
        return follow;
    }

    private static int tints(List<SlotFollows> slots) {
        int changed = 0;
        for (SlotFollows slot : slots) {
            Set<Rgb> were = new HashSet<>();
            slot.from().ifPresent(color -> tintsOf(color).forEach(were::add));
            changed += (int) slot.to().stream()
                    .flatMap(color -> tintsOf(color).stream())
                    .filter(tint -> !were.contains(tint))
                    .count();
        }
        return changed;
    }

    private static List<Rgb> tintsOf(Rgb color) {
        return TintStep.offeredFor(color).stream()
                .map(step -> step.apply(color))
                .toList();
    }

    private static List<PairTurns> pairs(Brand before, Brand after) {
        List<PairTurns> turn = new ArrayList<>();
        for (Theme theme : before.themes().all()) {
            after.themes()
                    .find(theme.id())
                    .ifPresent(same -> turn.addAll(pairs(theme, before.palette(), same, after.palette())));
        }
        return turn;
    }

    private static List<PairTurns> pairs(Theme before, Palette wasPalette, Theme after, Palette isPalette) {
        record Place(UsedPair.Kind kind, ThemeSlot ground, Optional<ThemeSlot> foreground) {
            /** On an accent stands whichever text reads better, so that both are the same pair. */
            static Place of(UsedPair pair) {
                boolean better = ThemeSlot.ACCENTS.contains(pair.ground());
                return new Place(
                        pair.kind(), pair.ground(), better ? Optional.empty() : Optional.of(pair.foreground()));
            }
        }
        Map<Place, UsedPair> was = new HashMap<>();
        UsedPair.of(before, wasPalette, WcagLevel.AA).forEach(pair -> was.put(Place.of(pair), pair));
        List<PairTurns> turn = new ArrayList<>();
        for (UsedPair pair : UsedPair.of(after, isPalette, WcagLevel.AA)) {
            UsedPair old = was.get(Place.of(pair));
            if (old != null && old.passes() != pair.passes()) {
                turn.add(new PairTurns(before, old, pair));
            }
        }
        return turn;
    }
}
