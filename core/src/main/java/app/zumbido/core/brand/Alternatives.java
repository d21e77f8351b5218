package app.zumbido.core.brand;

import app.zumbido.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * Every palette of a brand beside the one in force.
 *
 * @param inForce name of the palette in force
 * @param others in the order in which they were kept
 */
public record Alternatives(String inForce, List<Alternative> others) {
    /** More cannot be compared any longer. */
    public static final int MOST = 12;

    public static final Alternatives NONE = new Alternatives("First palette", List.of());

    public Alternatives {
        Alternative.requireName(inForce);
        others = List.copyOf(others);
        long ids = others.stream().map(Alternative::id).distinct().count();
        if (others.size() > MOST || ids < others.size()) {
            throw new IllegalArgumentException(
                    "A brand has up to " + MOST + " palettes beside the one in force, each once, not " + others.size());
        }
    }

    public Optional<Alternative> find(UUID id) {
        return others.stream().filter(other -> other.id().equals(id)).findFirst();
    }

    /** @throws UnknownAlternativeException if there is none of that id */
    public Alternative get(UUID id) {
        return find(id).orElseThrow(() -> new UnknownAlternativeException(id));
    }

    /** @return ids of the themes of all of them */
    public Set<UUID> themeIds() {
        Set<UUID> ids = new LinkedHashSet<>();
        others.forEach(other -> ids.addAll(other.themes().ids()));
        return ids;
    }

    Alternatives with(Alternative added) {
        List<Alternative> more = new ArrayList<>(others);
        more.add(added);
        return new Alternatives(inForce, more);
    }

    Alternatives without(UUID id) {
        Alternative gone = get(id);
        return new Alternatives(
                inForce, others.stream().filter(other -> !other.equals(gone)).toList());
    }

    /** @param name of the palette in force from now on */
    Alternatives called(String name) {
        return new Alternatives(name, others);
    }

    Alternatives changing(UUID id, UnaryOperator<Alternative> change) {
        get(id);
        return each(other -> other.id().equals(id) ? change.apply(other) : other);
    }

    /** @param ids of the themes from now on, by those that they have */
    Alternatives underThemes(UnaryOperator<UUID> ids) {
        return each(other -> other.with(other.themes().each((Theme theme) -> theme.under(ids.apply(theme.id())))));
    }

    /** @param pictures the same pictures under other ids */
    Alternatives over(UnaryOperator<UUID> pictures) {
        return each(other -> other.with(other.grounds().over(pictures)));
    }

    private Alternatives each(UnaryOperator<Alternative> change) {
        return new Alternatives(inForce, others.stream().map(change).toList());
    }
}
