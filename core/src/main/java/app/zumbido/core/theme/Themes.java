package app.zumbido.core.theme;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * Every theme of a brand, one at least.
 *
 * @param all in their order; the first is the one that is handed over first
 */
public record Themes(List<Theme> all) implements Painted<Themes> {
    /** More cannot be told apart any longer. */
    public static final int MOST = 12;

    public Themes {
        all = List.copyOf(all);
        long ids = all.stream().map(Theme::id).distinct().count();
        if (all.isEmpty() || all.size() > MOST || ids < all.size()) {
            throw new IllegalArgumentException("A brand has 1 to " + MOST + " themes, each once, not " + all.size());
        }
    }

    public static Themes of(Theme only) {
        return new Themes(List.of(only));
    }

    public Theme first() {
        return all.get(0);
    }

    public Optional<Theme> find(UUID id) {
        return all.stream().filter(theme -> theme.id().equals(id)).findFirst();
    }

    /** @throws UnknownThemeException if there is none of that id */
    public Theme get(UUID id) {
        return find(id).orElseThrow(() -> new UnknownThemeException(id));
    }

    public Themes each(UnaryOperator<Theme> change) {
        return new Themes(all.stream().map(change).toList());
    }

    /** @throws UnknownThemeException if there is none of that id */
    public Themes changing(UUID id, UnaryOperator<Theme> change) {
        get(id);
        return each(theme -> theme.id().equals(id) ? change.apply(theme) : theme);
    }

    @Override
    public Themes repainted(UnaryOperator<Paint> change) {
        return each(theme -> theme.repainted(change));
    }

    /** @return the same with one more behind the others */
    public Themes with(Theme added) {
        List<Theme> more = new ArrayList<>(all);
        more.add(added);
        return new Themes(more);
    }

    /** @throws UnknownThemeException if there is none of that id */
    public Themes without(UUID id) {
        Theme gone = get(id);
        return new Themes(all.stream().filter(theme -> !theme.equals(gone)).toList());
    }

    /** @return the same with one before the others @throws UnknownThemeException if there is none of that id */
    public Themes leading(UUID id) {
        List<Theme> led = new ArrayList<>(List.of(get(id)));
        all.stream().filter(theme -> !theme.id().equals(id)).forEach(led::add);
        return new Themes(led);
    }

    public List<UUID> ids() {
        return all.stream().map(Theme::id).toList();
    }
}
