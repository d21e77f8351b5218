package app.zumbido.core.brand;

import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import java.util.ArrayList;
import java.util.List;

/** What is done to the groups of the palette. */
public sealed interface GroupChange extends Change {
    /** Puts swatches into a group; one that is not there yet is made, the last of all. */
    record SortSwatches(List<SwatchId> ids, Group group) implements GroupChange {
        public SortSwatches {
            ids = List.copyOf(ids);
        }

        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette();
            List<Group> groups = new ArrayList<>(palette.groups());
            if (!groups.contains(group)) {
                groups.add(group);
            }
            return brand.with(palette.withGroups(groups).sorting(ids, group));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCHES_GROUPED)
                    .about(before.palette().get(ids.get(0)))
                    .fromTo(before.palette().get(ids.get(0)).group().name(), group.name())
                    .count(ids.size());
        }
    }

    record RenameGroup(Group group, Group to) implements GroupChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().renaming(group, to));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GROUP_RENAMED).fromTo(group.name(), to.name());
        }
    }

    /** @param index where it stands afterwards, 0 first; beyond the end means last */
    record MoveGroup(Group group, int index) implements GroupChange {
        @Override
        public Brand applyTo(Brand brand) {
            List<Group> groups = new ArrayList<>(brand.palette().groups());
            groups.remove(group);
            groups.add(Math.max(0, Math.min(index, groups.size())), group);
            return brand.with(brand.palette().withGroups(groups));
        }

        @Override
        public boolean reorders() {
            return true;
        }

        @Override
        public TrailNote note(Brand before) {
            int from = before.palette().groups().indexOf(group) + 1;
            return TrailNote.of(ChangeKind.GROUP_MOVED)
                    .subject(group.name())
                    .fromTo(String.valueOf(from), String.valueOf(index + 1));
        }
    }

    /** Takes an own group away; its swatches join the core. */
    record RemoveGroup(Group group) implements GroupChange {
        @Override
        public Brand applyTo(Brand brand) {
            List<Group> groups = new ArrayList<>(brand.palette().groups());
            groups.remove(group);
            return brand.with(brand.palette().withGroups(groups));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GROUP_REMOVED)
                    .subject(group.name())
                    .count(before.palette().in(group).size());
        }
    }
}
