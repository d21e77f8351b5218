package app.zumbido.core.palette;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * The swatches of a brand: group by group, in each the most important first.
 *
 * @param groups every group in its order, the empty ones too
 * @param asides keys of the remarks that somebody has put aside
 */
public record Palette(List<Swatch> swatches, List<Group> groups, List<String> asides) implements Painted<Palette> {
    public static final Palette EMPTY = of(List.of());

    /** About the least difference that anybody sees; ΔE00. Common practice, no published source. */
    private static final double SAME = 1;

    public Palette {
        groups = List.copyOf(groups);
        asides = List.copyOf(asides);
        if (Set.copyOf(groups).size() < groups.size() || !groups.containsAll(Group.USUAL)) {
            throw new IllegalArgumentException("The usual groups stand in every palette, and no group stands twice");
        }
        swatches = sorted(swatches, groups);
        Set<SwatchId> ids = ids(swatches);
        if (ids.size() < swatches.size()) {
            throw new IllegalArgumentException("The same swatch stands twice in the palette");
        }
        for (Swatch swatch : swatches) {
            swatch.step()
                    .map(Paint.OnLadder::base)
                    .filter(base -> !ids.contains(base))
                    .ifPresent(base -> {
                        throw new UnknownSwatchException(base);
                    });
        }
        if (hasCircle(swatches)) {
            throw new IllegalArgumentException("A swatch follows itself");
        }
    }

    /** The usual groups, and no remark put aside. */
    public static Palette of(List<Swatch> swatches) {
        return new Palette(swatches, Group.USUAL, List.of());
    }

    private static List<Swatch> sorted(List<Swatch> swatches, List<Group> groups) {
        Map<Group, Integer> places = new HashMap<>();
        groups.forEach(group -> places.put(group, places.size()));
        for (Swatch swatch : swatches) {
            if (!places.containsKey(swatch.group())) {
                throw new IllegalArgumentException(
                        "There is no group " + swatch.group().name());
            }
        }
        return swatches.stream()
                .sorted(Comparator.comparing(swatch -> places.get(swatch.group())))
                .toList();
    }

    private static boolean hasCircle(List<Swatch> swatches) {
        Map<SwatchId, SwatchId> bases = new HashMap<>();
        swatches.forEach(swatch -> swatch.step().ifPresent(step -> bases.put(swatch.id(), step.base())));
        return bases.keySet().stream().anyMatch(id -> leadsTo(bases, bases.get(id), id, bases.size()));
    }

    /** @param most steps to take, since the way may end in a circle beside it */
    private static boolean leadsTo(Map<SwatchId, SwatchId> bases, @Nullable SwatchId from, SwatchId to, int most) {
        SwatchId at = from;
        for (int step = 0; at != null && step < most; step++) {
            if (at.equals(to)) {
                return true;
            }
            at = bases.get(at);
        }
        return false;
    }

    private static Set<SwatchId> ids(List<Swatch> swatches) {
        Set<SwatchId> ids = new HashSet<>();
        swatches.forEach(swatch -> ids.add(swatch.id()));
        return ids;
    }

    /** @return of every swatch */
    public Set<SwatchId> ids() {
        return ids(swatches);
    }

    private Palette with(UnaryOperator<Swatch> change) {
        return new Palette(swatches.stream().map(change).toList(), groups, asides);
    }

    public Optional<Swatch> find(SwatchId id) {
        return swatches.stream().filter(swatch -> swatch.id().equals(id)).findFirst();
    }

    /** @throws UnknownSwatchException if it is not in the palette */
    public Swatch get(SwatchId id) {
        return find(id).orElseThrow(() -> new UnknownSwatchException(id));
    }

    /** @return the swatches of a group, in their order */
    public List<Swatch> in(Group group) {
        return swatches.stream().filter(swatch -> swatch.group().equals(group)).toList();
    }

    /** @return the swatch that nobody could tell from the colour, the nearest first */
    public Optional<Swatch> sameAs(Rgb color) {
        return swatches.stream()
                .filter(swatch -> Difference.between(swatch.color(), color) <= SAME)
                .min(Comparator.comparingDouble(swatch -> Difference.between(swatch.color(), color)));
    }

    public Palette with(List<Swatch> more) {
        List<Swatch> all = new ArrayList<>(swatches);
        all.addAll(more);
        return new Palette(all, groups, asides);
    }

    /** Puts the swatch in the place of the one with the same id; those on its ladder follow. */
    public Palette replacing(Swatch swatch) {
        Rgb before = get(swatch.id()).color();
        Palette replaced = with(old -> old.id().equals(swatch.id()) ? swatch : old);
        return before.equals(swatch.color()) ? replaced : replaced.carryingOn(swatch);
    }

    private Palette carryingOn(Swatch base) {
        Palette carried = this;
        for (Swatch follower : swatches) {
            if (follower.follows(base.id())) {
                carried = carried.replacing(follower.following(follower.step().orElseThrow(), base.color()));
            }
        }
        return carried;
    }

    /** @return those that are kept; what followed one that is not keeps its colour and follows nothing */
    public Palette only(Predicate<Swatch> kept) {
        List<Swatch> left = swatches.stream().filter(kept).toList();
        Set<SwatchId> ids = ids(left);
        return new Palette(
                left.stream()
                        .map(swatch -> swatch.step()
                                        .filter(step -> !ids.contains(step.base()))
                                        .isPresent()
                                ? swatch.onItsOwn()
                                : swatch)
                        .toList(),
                groups,
                asides);
    }

    public Palette without(SwatchId id) {
        get(id);
        return only(swatch -> !swatch.id().equals(id));
    }

    /**
     * Puts a swatch in another place; between swatches of another group it joins that group.
     *
     * @param index where it stands afterwards, 0 first; beyond the end means last
     */
    public Palette moving(SwatchId id, int index) {
        Swatch moved = get(id);
        List<Swatch> rest = new ArrayList<>(swatches);
        rest.remove(moved);
        int place = Math.max(0, Math.min(index, rest.size()));
        Group group = groupAt(rest, place, moved.group());
        rest.add(place, moved.in(group));
        return new Palette(rest, groups, asides);
    }

    private static Group groupAt(List<Swatch> rest, int place, Group own) {
        List<Group> neighbours = rest.subList(Math.max(0, place - 1), Math.min(rest.size(), place + 1)).stream()
                .map(Swatch::group)
                .toList();
        return neighbours.isEmpty() || neighbours.contains(own) ? own : neighbours.get(neighbours.size() - 1);
    }

    /** @param order the first ones in their order; the others follow as they stand. Groups stay together. */
    public Palette inOrder(List<SwatchId> order) {
        order.forEach(this::get);
        List<Swatch> ordered = new ArrayList<>(swatches);
        ordered.sort(Comparator.comparingInt(
                swatch -> order.contains(swatch.id()) ? order.indexOf(swatch.id()) : order.size()));
        return new Palette(ordered, groups, asides);
    }

    /** @return where it stands, 0 first */
    public int indexOf(SwatchId id) {
        return swatches.indexOf(get(id));
    }

    /** @throws IllegalArgumentException if there is no such group */
    public Palette sorting(List<SwatchId> ids, Group group) {
        ids.forEach(this::get);
        return with(swatch -> ids.contains(swatch.id()) ? swatch.in(group) : swatch);
    }

    /** @param newGroups all of them in their order; swatches of one that is missing join the core */
    public Palette withGroups(List<Group> newGroups) {
        return new Palette(
                swatches.stream()
                        .map(swatch -> newGroups.contains(swatch.group()) ? swatch : swatch.in(Group.CORE))
                        .toList(),
                newGroups,
                asides);
    }

    /** Gives an own group another name. */
    public Palette renaming(Group from, Group to) {
        List<Swatch> renamed = swatches.stream()
                .map(swatch -> swatch.group().equals(from) ? swatch.in(to) : swatch)
                .toList();
        return new Palette(
                renamed,
                groups.stream().map(group -> group.equals(from) ? to : group).toList(),
                asides);
    }

    /** @param aside whether the remark is put aside or spoken again */
    public Palette puttingAside(String remark, boolean aside) {
        List<String> keys = new ArrayList<>(asides);
        keys.remove(remark);
        if (aside) {
            keys.add(remark);
        }
        return new Palette(swatches, groups, keys);
    }

    /** What stood on a ladder stands on the one that it is changed to, in its colour there, or on its own. */
    @Override
    public Palette repainted(UnaryOperator<Paint> change) {
        Palette repainted = with(swatch -> swatch.repainted(change));
        for (Swatch before : swatches) {
            Swatch after = repainted.get(before.id());
            if (!after.step().equals(before.step()) && after.step().isPresent()) {
                Paint.OnLadder step = after.step().get();
                repainted = repainted.replacing(
                        after.following(step, repainted.get(step.base()).color()));
            }
        }
        return repainted;
    }

    /** @return the same with all places of one swatch known of another, which does not follow it any more */
    public Palette gathering(SwatchId kept, SwatchId gone) {
        Swatch staying = get(kept);
        for (Origin origin : get(gone).origins()) {
            staying = staying.alsoFrom(origin);
        }
        return replacing(isAbove(gone, staying) ? staying.onItsOwn() : staying);
    }

    /** Whether a swatch follows another, be it through others between. */
    private boolean isAbove(SwatchId base, Swatch swatch) {
        return swatch.step()
                .filter(step -> step.follows(base) || isAbove(base, get(step.base())))
                .isPresent();
    }
}
