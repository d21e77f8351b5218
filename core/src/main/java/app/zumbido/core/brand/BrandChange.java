package app.zumbido.core.brand;

import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    /** A whole first brand from one picture, in one step. */
    record DraftBrand(String source, List<Swatch> swatches, Map<ThemeSlot, SlotSetting> settings)
            implements BrandChange {
        public DraftBrand {
            swatches = List.copyOf(swatches);
            settings = Map.copyOf(settings);
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().with(swatches)).with(brand.theme().with(settings));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.DRAFTED).subject(source).count(swatches.size());
        }
    }
}
