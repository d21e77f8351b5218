package app.zumbido.core.brand;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.List;
import java.util.Set;

/** What is said about the use of swatches. */
public sealed interface RoleChange extends Change {
    /**
     * Puts swatches in the order of their importance, as a guideline shows it, and marks those that it crosses out.
     *
     * @param added swatches that the palette lacks
     * @param order the most important first; the others follow as they stand
     * @param crossedOut off-limits from now on
     */
    record MarkHierarchy(String source, List<Swatch> added, List<SwatchId> order, List<SwatchId> crossedOut)
            implements RoleChange {
        public MarkHierarchy {
            added = List.copyOf(added);
            order = List.copyOf(order);
            crossedOut = List.copyOf(crossedOut);
        }

        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette().with(added);
            crossedOut.forEach(palette::get);
            return brand.with(palette.inOrder(order)).with(brand.roles().withOffLimits(Set.copyOf(crossedOut)));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.HIERARCHY_MARKED)
                    .subject(source)
                    .fromTo("", String.valueOf(crossedOut.size()))
                    .count(order.size());
        }
    }

    /** @param offLimits whether it must not be used from now on */
    record SetOffLimits(SwatchId id, boolean offLimits) implements RoleChange {
        @Override
        public Brand applyTo(Brand brand) {
            brand.palette().get(id);
            return brand.with(
                    offLimits
                            ? brand.roles().withOffLimits(Set.of(id))
                            : brand.roles().allowing(id));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(offLimits ? ChangeKind.OFF_LIMITS_SET : ChangeKind.OFF_LIMITS_LIFTED)
                    .about(before.palette().get(id));
        }
    }
}
