package app.zumbido.core.roles;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What the brand says about the use of its swatches.
 *
 * @param offLimits swatches that must not be used, though the brand names them
 */
public record Roles(List<SwatchId> offLimits) {
    public static final Roles NONE = new Roles(List.of());

    public Roles {
        if (Set.copyOf(offLimits).size() < offLimits.size()) {
            throw new IllegalArgumentException("A swatch is off-limits once or not at all");
        }
        offLimits = List.copyOf(offLimits);
    }

    public boolean isOffLimits(SwatchId swatch) {
        return offLimits.contains(swatch);
    }

    public Roles withOffLimits(Set<SwatchId> more) {
        Set<SwatchId> all = new LinkedHashSet<>(offLimits);
        all.addAll(more);
        return new Roles(List.copyOf(all));
    }

    public Roles allowing(SwatchId swatch) {
        return new Roles(
                offLimits.stream().filter(other -> !other.equals(swatch)).toList());
    }

    /** @return the palette without what must not be used */
    public Palette usable(Palette palette) {
        return palette.only(swatch -> !isOffLimits(swatch.id()));
    }
}
