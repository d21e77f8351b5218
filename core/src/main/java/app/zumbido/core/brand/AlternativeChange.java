package app.zumbido.core.brand;

import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What is done to the palettes of a brand as wholes. */
public sealed interface AlternativeChange extends Change {
    /**
     * Keeps the palette in force, with all that is decided on it, and goes on with a copy or an empty one.
     *
     * @param id of what is kept
     * @param name of what goes on
     * @param empty whether it begins without a colour; its themes stay, with empty slots
     */
    record BeginPalette(UUID id, String name, boolean empty) implements AlternativeChange {
        @Override
        public Brand applyTo(Brand brand) {
            Alternatives kept = brand.alternatives()
                    .with(Alternative.of(brand, id, brand.alternatives().inForce()))
                    .called(name);
            Brand begun = empty
                    ? brand.standingOn(new Alternative(
                            id,
                            name,
                            new Palette(List.of(), brand.palette().groups(), List.of()),
                            Roles.NONE,
                            brand.themes().each(Theme::emptied),
                            GroundRules.NONE))
                    : brand;
            return begun.with(kept);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PALETTE_BEGUN)
                    .fromTo(before.alternatives().inForce(), name)
                    .count(empty ? 0 : before.palette().swatches().size());
        }
    }

    /**
     * Puts a palette that was kept in force; the one that was is kept in its stead.
     *
     * @param kept id of what leaves force
     */
    record UsePalette(UUID id, UUID kept) implements AlternativeChange {
        @Override
        public Brand applyTo(Brand brand) {
            Alternatives all = brand.alternatives();
            Alternative chosen = all.get(id);
            Alternative leaving = Alternative.of(brand, kept, all.inForce());
            return brand.standingOn(chosen)
                    .with(all.changing(id, other -> leaving).called(chosen.name()));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PALETTE_USED)
                    .fromTo(
                            before.alternatives().inForce(),
                            before.alternatives().get(id).name());
        }
    }

    /** @param id nothing: the palette in force */
    record RenamePalette(Optional<UUID> id, String name) implements AlternativeChange {
        @Override
        public Brand applyTo(Brand brand) {
            Alternatives all = brand.alternatives();
            return brand.with(id.map(one -> all.changing(one, other -> other.withName(name)))
                    .orElseGet(() -> all.called(name)));
        }

        @Override
        public TrailNote note(Brand before) {
            Alternatives all = before.alternatives();
            return TrailNote.of(ChangeKind.PALETTE_RENAMED)
                    .fromTo(id.map(one -> all.get(one).name()).orElse(all.inForce()), name);
        }
    }

    record DropPalette(UUID id) implements AlternativeChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.alternatives().without(id));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PALETTE_DROPPED)
                    .subject(before.alternatives().get(id).name());
        }
    }
}
