package app.zumbido.core.roles;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What the brand says about the use of its swatches.
 *
 * @param assigned the swatches of each role in their order; no entry for a role that has none
 * @param words what a role is for, in the brand's own sentence; no entry where the usual one will do
 */
public record Roles(Map<Role, List<SwatchId>> assigned, Proportion proportion, Map<Role, String> words)
        implements Painted<Roles> {
    public static final Roles NONE = new Roles(Map.of(), Proportion.TO_BEGIN_WITH, Map.of());
    public static final int LONGEST_SENTENCE = 200;

    public Roles {
        Map<Role, List<SwatchId>> lists = new EnumMap<>(Role.class);
        assigned.forEach((role, swatches) -> {
            if (Set.copyOf(swatches).size() < swatches.size() || swatches.size() > role.most()) {
                throw new IllegalArgumentException(
                        "A swatch has a role once, and " + role + " takes " + role.most() + " at most");
            }
            if (!swatches.isEmpty()) {
                lists.put(role, List.copyOf(swatches));
            }
        });
        assigned = Collections.unmodifiableMap(lists);
        Map<Role, String> sentences = new EnumMap<>(Role.class);
        words.forEach((role, sentence) -> {
            if (sentence.length() > LONGEST_SENTENCE) {
                throw new IllegalArgumentException("A sentence has up to " + LONGEST_SENTENCE + " characters");
            }
            if (!sentence.isBlank()) {
                sentences.put(role, sentence);
            }
        });
        words = Collections.unmodifiableMap(sentences);
    }

    /** @return in their order; empty if nobody has the role */
    public List<SwatchId> of(Role role) {
        return assigned.getOrDefault(role, List.of());
    }

    public Optional<SwatchId> first(Role role) {
        return of(role).stream().findFirst();
    }

    public List<SwatchId> offLimits() {
        return of(Role.OFF_LIMITS);
    }

    public boolean isOffLimits(SwatchId swatch) {
        return offLimits().contains(swatch);
    }

    public Roles with(Role role, List<SwatchId> swatches) {
        Map<Role, List<SwatchId>> changed = new EnumMap<>(Role.class);
        changed.putAll(assigned);
        changed.put(role, swatches);
        return new Roles(changed, proportion, words);
    }

    public Roles with(Map<Role, List<SwatchId>> more) {
        Map<Role, List<SwatchId>> changed = new EnumMap<>(Role.class);
        changed.putAll(assigned);
        changed.putAll(more);
        return new Roles(changed, proportion, words);
    }

    public Roles with(Proportion newProportion) {
        return new Roles(assigned, newProportion, words);
    }

    /** @param sentence empty: the usual one again */
    public Roles wording(Role role, String sentence) {
        Map<Role, String> changed = new EnumMap<>(Role.class);
        changed.putAll(words);
        changed.put(role, sentence);
        return new Roles(assigned, proportion, changed);
    }

    public Roles withOffLimits(Set<SwatchId> more) {
        List<SwatchId> all = new ArrayList<>(offLimits());
        more.stream().filter(swatch -> !all.contains(swatch)).forEach(all::add);
        return with(Role.OFF_LIMITS, all);
    }

    public Roles allowing(SwatchId swatch) {
        return with(Role.OFF_LIMITS, removing(offLimits(), swatch));
    }

    /** Lists that stood in the order of the palette stand in it again when that is another. */
    public Roles following(Palette was, Palette is) {
        Map<Role, List<SwatchId>> changed = new EnumMap<>(Role.class);
        assigned.forEach((role, swatches) ->
                changed.put(role, swatches.equals(inOrderOf(was, swatches)) ? inOrderOf(is, swatches) : swatches));
        return new Roles(changed, proportion, words);
    }

    private static List<SwatchId> inOrderOf(Palette palette, List<SwatchId> some) {
        return palette.swatches().stream()
                .map(Swatch::id)
                .filter(some::contains)
                .toList();
    }

    /** A swatch takes the roles of one that becomes it; what was forbidden to the other is not forbidden to it. */
    @Override
    public Roles repainted(UnaryOperator<Paint> change) {
        Map<Role, List<SwatchId>> changed = new EnumMap<>(Role.class);
        assigned.forEach((role, swatches) -> changed.put(
                role,
                swatches.stream()
                        .flatMap(swatch -> swatch(change.apply(new Paint.OfSwatch(swatch)))
                                .filter(now -> !role.forbids() || now.equals(swatch))
                                .stream())
                        .distinct()
                        .toList()));
        return new Roles(changed, proportion, words);
    }

    private static Optional<SwatchId> swatch(Paint paint) {
        return paint instanceof Paint.OfSwatch only ? Optional.of(only.swatch()) : Optional.empty();
    }

    private static List<SwatchId> removing(List<SwatchId> swatches, SwatchId one) {
        return swatches.stream().filter(swatch -> !swatch.equals(one)).toList();
    }

    /** @return the palette without what must not be used */
    public Palette usable(Palette palette) {
        return palette.only(swatch -> !isOffLimits(swatch.id()));
    }
}
