package app.zumbido.core.palette;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The swatches of a brand, most important first. */
public record Palette(List<Swatch> swatches) {
    public static final Palette EMPTY = new Palette(List.of());

    /** About the least difference that anybody sees; ΔE00. Common practice, no published source. */
    private static final double SAME = 1;

    public Palette {
        swatches = List.copyOf(swatches);
        if (ids(swatches).size() < swatches.size()) {
            throw new IllegalArgumentException("The same swatch stands twice in the palette");
        }
    }

    private static Set<SwatchId> ids(List<Swatch> swatches) {
        Set<SwatchId> ids = new HashSet<>();
        swatches.forEach(swatch -> ids.add(swatch.id()));
        return ids;
    }

    public Optional<Swatch> find(SwatchId id) {
        return swatches.stream().filter(swatch -> swatch.id().equals(id)).findFirst();
    }

    /** @throws UnknownSwatchException if it is not in the palette */
    public Swatch get(SwatchId id) {
        return find(id).orElseThrow(() -> new UnknownSwatchException(id));
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
        return new Palette(all);
    }

    /** Puts the swatch in the place of the one with the same id. */
    public Palette replacing(Swatch swatch) {
        get(swatch.id());
        return new Palette(swatches.stream()
                .map(old -> old.id().equals(swatch.id()) ? swatch : old)
                .toList());
    }

    public Palette without(SwatchId id) {
        get(id);
        return new Palette(
                swatches.stream().filter(swatch -> !swatch.id().equals(id)).toList());
    }

    /** @param index where it stands afterwards, 0 first; beyond the end means last */
    public Palette moving(SwatchId id, int index) {
        Swatch moved = get(id);
        List<Swatch> rest = new ArrayList<>(without(id).swatches);
        rest.add(Math.max(0, Math.min(index, rest.size())), moved);
        return new Palette(rest);
    }

    /** @return where it stands, 0 first */
    public int indexOf(SwatchId id) {
        return swatches.indexOf(get(id));
    }
}
