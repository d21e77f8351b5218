package app.zumbido.core.brand;

import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.RoleDraft;
import app.zumbido.core.roles.Roles;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What is done to the brand as a whole. */
public sealed interface BrandChange extends Change {
    record RenameBrand(String name) implements BrandChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.withName(name);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.BRAND_RENAMED).fromTo(before.name(), name);
        }
    }

    record SetShortCode(Optional<String> shortCode) implements BrandChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.withShortCode(shortCode);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SHORT_CODE_SET)
                    .fromTo(before.shortCode().orElse(""), shortCode.orElse(""));
        }
    }

    /**
     * A whole first brand from one picture, in one step.
     *
     * @param theme the one whose slots are filled
     */
    record DraftBrand(
            UUID theme,
            String source,
            List<Swatch> swatches,
            Map<Role, List<SwatchId>> roles,
            Map<ThemeSlot, SlotSetting> settings)
            implements BrandChange {
        public DraftBrand {
            swatches = List.copyOf(swatches);
            roles = Map.copyOf(roles);
            settings = Map.copyOf(settings);
        }

        /** Drafts roles from the colours, and the first theme from both. */
        public static DraftBrand of(Brand brand, String source, List<Swatch> swatches) {
            Palette palette = Palette.of(swatches);
            Roles roles = Roles.NONE.with(RoleDraft.assigned(palette));
            Theme first = brand.themes().first();
            return new DraftBrand(
                    first.id(),
                    source,
                    swatches,
                    roles.assigned(),
                    Suggestion.of(palette, roles, first, first.policy()).settings());
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().with(swatches))
                    .with(brand.roles().with(roles))
                    .with(brand.themes().changing(theme, drafted -> drafted.with(settings)));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.DRAFTED).subject(source).count(swatches.size());
        }
    }
}
