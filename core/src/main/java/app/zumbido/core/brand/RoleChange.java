package app.zumbido.core.brand;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.RoleDraft;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
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
        public boolean reorders() {
            return true;
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

    /** @param swatches all that have the role from now on, in their order */
    record AssignRole(Role role, List<SwatchId> swatches) implements RoleChange {
        public AssignRole {
            swatches = List.copyOf(swatches);
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.roles().with(role, swatches));
        }

        /** What must not be used has no place in an order; slots keep it until somebody suggests anew. */
        @Override
        public boolean reorders() {
            return !role.forbids();
        }

        @Override
        public TrailNote note(Brand before) {
            TrailNote note = TrailNote.of(ChangeKind.ROLE_ASSIGNED)
                    .fromTo("", role.name())
                    .count(swatches.size());
            return swatches.isEmpty() ? note : note.about(before.palette().get(swatches.get(0)));
        }
    }

    /** Roles for the whole palette at once. */
    record DraftRoles(Map<Role, List<SwatchId>> assigned) implements RoleChange {
        public DraftRoles {
            Map<Role, List<SwatchId>> lists = new EnumMap<>(Role.class);
            lists.putAll(assigned);
            assigned = Collections.unmodifiableMap(lists);
        }

        /** What the palette of the brand proposes; roles that nothing is fit for stay as they are. */
        public static DraftRoles of(Brand brand) {
            return new DraftRoles(RoleDraft.assigned(brand.usable()));
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.roles().with(assigned));
        }

        @Override
        public boolean reorders() {
            return true;
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.ROLES_DRAFTED).count(assigned.size());
        }
    }

    /** @param words empty: the usual sentence again */
    record WordRole(Role role, String words) implements RoleChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.roles().wording(role, words));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.ROLE_WORDED).fromTo(role.name(), words);
        }
    }

    record SetProportion(Proportion proportion) implements RoleChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.roles().with(proportion));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PROPORTION_SET)
                    .fromTo(words(before.roles().proportion()), words(proportion));
        }

        private static String words(Proportion proportion) {
            return proportion.main() + " / " + proportion.secondary() + " / " + proportion.highlight();
        }
    }

    /** @param order the series of charts as they are told apart best */
    record OrderChart(List<SwatchId> order) implements RoleChange {
        public OrderChart {
            order = List.copyOf(order);
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.roles().with(Role.CHART, order));
        }

        @Override
        public boolean reorders() {
            return true;
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.CHART_ORDERED).count(order.size());
        }
    }
}
