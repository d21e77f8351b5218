package app.zumbido.core.brand;

import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Paint;
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
import java.util.ArrayList;
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

    /** Says how the presentation template is made. */
    record DesignTemplate(TemplateDesign design) implements BrandChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(design);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.TEMPLATE_DESIGNED);
        }
    }

    /**
     * A whole first brand from one picture, in one step.
     *
     * @param theme the one whose slots are filled
     * @param logo id of the picture where it is a logo: the first one is the primary one
     */
    record DraftBrand(
            UUID theme,
            String source,
            List<Swatch> swatches,
            Map<Role, List<SwatchId>> roles,
            Map<ThemeSlot, SlotSetting> settings,
            Optional<UUID> logo)
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
                    Suggestion.of(palette, roles, first, first.policy()).settings(),
                    Optional.empty());
        }

        /** @param source id of the picture */
        public DraftBrand withLogo(UUID source) {
            return new DraftBrand(theme, this.source, swatches, roles, settings, Optional.of(source));
        }

        @Override
        public Brand applyTo(Brand brand) {
            LogoSet logos = brand.logos();
            LogoSet drafted = logo.filter(source -> logos.find(LogoForm.PRIMARY).isEmpty())
                    .map(source -> logos.with(LogoForm.PRIMARY, new Drawn.OfFile(source, false)))
                    .orElse(logos);
            return brand.with(brand.palette().with(swatches))
                    .with(brand.roles().with(roles))
                    .with(brand.themes().changing(theme, filled -> filled.with(settings)))
                    .with(drafted);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.DRAFTED).subject(source).count(swatches.size());
        }
    }

    /**
     * The brand drafted anew from other files, in one step: what it has already and is found again stays as it is.
     *
     * @param source of what it is drafted from, in words
     * @param added swatches that the palette lacks
     * @param order of all that were found
     * @param gone swatches that came from a file and are found no more
     * @param theme the one whose slots are filled
     */
    record DraftAgain(
            String source,
            List<Swatch> added,
            List<SwatchId> order,
            List<SwatchId> gone,
            Map<Role, List<SwatchId>> roles,
            UUID theme,
            Map<ThemeSlot, SlotSetting> settings)
            implements BrandChange {
        public DraftAgain {
            added = List.copyOf(added);
            order = List.copyOf(order);
            gone = List.copyOf(gone);
            roles = Map.copyOf(roles);
            settings = Map.copyOf(settings);
        }

        /** @param found what the files show, the most important first; each colour once */
        public static DraftAgain of(Brand brand, String source, List<Swatch> found) {
            List<Swatch> added = new ArrayList<>();
            List<SwatchId> order = new ArrayList<>();
            for (Swatch swatch : found) {
                Optional<Swatch> known = brand.palette().sameAs(swatch.color());
                order.add(known.orElse(swatch).id());
                if (known.isEmpty()) {
                    added.add(swatch);
                }
            }
            List<SwatchId> gone = brand.palette().swatches().stream()
                    .filter(swatch -> swatch.group().equals(Group.CORE)
                            && !swatch.origins().isEmpty()
                            && !order.contains(swatch.id()))
                    .map(Swatch::id)
                    .toList();
            Brand bare = recolored(brand, added, order, gone);
            Map<Role, List<SwatchId>> roles = RoleDraft.assigned(bare.usable());
            Theme first = bare.themes().first();
            Map<ThemeSlot, SlotSetting> settings = Suggestion.of(
                            bare.palette(), bare.roles().with(roles), first, first.policy())
                    .settings();
            return new DraftAgain(source, added, order, gone, roles, first.id(), settings);
        }

        private static Brand recolored(Brand brand, List<Swatch> added, List<SwatchId> order, List<SwatchId> gone) {
            Brand left = brand;
            for (SwatchId id : gone) {
                left = left.repainted(Paint.releasing(id, left.palette())).without(id);
            }
            Palette palette = left.palette().with(added);
            List<SwatchId> all = new ArrayList<>(order);
            palette.swatches().stream()
                    .map(Swatch::id)
                    .filter(id -> !all.contains(id))
                    .forEach(all::add);
            return left.with(palette.inOrder(all));
        }

        @Override
        public Brand applyTo(Brand brand) {
            Brand bare = recolored(brand, added, order, gone);
            return bare.with(bare.roles().with(roles))
                    .with(bare.themes().changing(theme, drafted -> drafted.with(settings)));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.DRAFTED_AGAIN).subject(source).count(order.size());
        }
    }
}
