package app.zumbido.core.brand;

import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Everything that a person can do to a brand. Carries the ids it makes, so that it can be applied again. */
public sealed interface Change {
    /** @return the brand afterwards, under the same revision */
    Brand applyTo(Brand brand);

    /** @return what the trail says about it, given the brand as it was before */
    TrailNote note(Brand before);

    record RenameBrand(String name) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.withName(name);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.BRAND_RENAMED).fromTo(before.name(), name);
        }
    }

    record SetShortCode(Optional<String> shortCode) implements Change {
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

    /** New swatches, and places where the colours of others were found again. */
    record AddSwatches(List<Swatch> swatches, List<Sighting> sightings) implements Change {
        public AddSwatches {
            swatches = List.copyOf(swatches);
            sightings = List.copyOf(sightings);
        }

        public static AddSwatches of(List<Swatch> swatches) {
            return new AddSwatches(swatches, List.of());
        }

        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette();
            for (Sighting sighting : sightings) {
                palette = palette.replacing(palette.get(sighting.swatch()).alsoFrom(sighting.origin()));
            }
            return brand.with(palette.with(swatches));
        }

        @Override
        public TrailNote note(Brand before) {
            if (swatches.isEmpty()) {
                return TrailNote.of(ChangeKind.SWATCHES_SEEN)
                        .about(before.palette().get(sightings.get(0).swatch()))
                        .fromTo("", sightings.get(0).origin().source())
                        .count(sightings.size());
            }
            return TrailNote.of(ChangeKind.SWATCHES_ADDED)
                    .about(swatches.get(0))
                    .count(swatches.size());
        }
    }

    record RenameSwatch(SwatchId id, String name) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().replacing(brand.palette().get(id).withName(name)));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            return TrailNote.of(ChangeKind.SWATCH_RENAMED).about(swatch).fromTo(swatch.name(), name);
        }
    }

    /** @param origin where the new colour was taken from; nothing if it was typed, and the swatch's own stays */
    record RecolorSwatch(SwatchId id, Rgb color, Optional<Origin> origin) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            Swatch recolored = brand.palette().get(id).withColor(color);
            return brand.with(
                    brand.palette().replacing(origin.map(recolored::from).orElse(recolored)));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            return TrailNote.of(ChangeKind.SWATCH_RECOLORED)
                    .about(swatch.withColor(color))
                    .fromTo(swatch.color().digits(), color.digits());
        }
    }

    /**
     * Mixes a swatch: lighter or darker, stronger or quieter, or turned towards its neighbour hue.
     *
     * @param lightness as {@link Mix} says; steps of a time when only that could be mixed speak of nothing else
     */
    record MixSwatch(SwatchId id, double lightness, double chroma, double hue) implements Change {
        public static MixSwatch by(SwatchId id, Mix mix) {
            return new MixSwatch(id, mix.lightness(), mix.chroma(), mix.hue());
        }

        private Rgb mixed(Swatch swatch) {
            return new Mix(lightness, chroma, hue).apply(swatch.color()).color();
        }

        @Override
        public Brand applyTo(Brand brand) {
            Swatch swatch = brand.palette().get(id);
            return brand.with(brand.palette().replacing(swatch.withColor(mixed(swatch))));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            Rgb after = mixed(swatch);
            return TrailNote.of(kind())
                    .about(swatch.withColor(after))
                    .fromTo(swatch.color().digits(), after.digits());
        }

        private ChangeKind kind() {
            if (chroma == 0 && hue == 0) {
                return lightness < 0 ? ChangeKind.SWATCH_DARKENED : ChangeKind.SWATCH_LIGHTENED;
            }
            if (lightness == 0 && hue == 0) {
                return chroma < 0 ? ChangeKind.SWATCH_QUIETED : ChangeKind.SWATCH_STRENGTHENED;
            }
            return lightness == 0 && chroma == 0 ? ChangeKind.SWATCH_TURNED : ChangeKind.SWATCH_RECOLORED;
        }
    }

    record RemoveSwatch(SwatchId id) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.theme().releasing(id, brand.palette()))
                    .with(brand.roles().allowing(id))
                    .with(brand.palette().without(id));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCH_REMOVED)
                    .about(before.palette().get(id));
        }
    }

    /** @param index where it stands afterwards, 0 first */
    record MoveSwatch(SwatchId id, int index) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().moving(id, index));
        }

        @Override
        public TrailNote note(Brand before) {
            int from = before.palette().indexOf(id) + 1;
            int to = before.palette().moving(id, index).indexOf(id) + 1;
            return TrailNote.of(ChangeKind.SWATCH_MOVED)
                    .about(before.palette().get(id))
                    .fromTo(String.valueOf(from), String.valueOf(to));
        }
    }

    /**
     * Puts swatches in the order of their importance, as a guideline shows it, and marks those that it crosses out.
     *
     * @param added swatches that the palette lacks
     * @param order the most important first; the others follow as they stand
     * @param crossedOut off-limits from now on
     */
    record MarkHierarchy(String source, List<Swatch> added, List<SwatchId> order, List<SwatchId> crossedOut)
            implements Change {
        public MarkHierarchy {
            added = List.copyOf(added);
            order = List.copyOf(order);
            crossedOut = List.copyOf(crossedOut);
        }

        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette().with(added);
            crossedOut.forEach(palette::get);
            for (int i = 0; i < order.size(); i++) {
                palette = palette.moving(order.get(i), i);
            }
            return brand.with(palette).with(brand.roles().withOffLimits(Set.copyOf(crossedOut)));
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
    record SetOffLimits(SwatchId id, boolean offLimits) implements Change {
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

    record FillSlot(ThemeSlot slot, SlotFill fill) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            fill.follows().ifPresent(brand.palette()::get);
            return brand.with(brand.theme().with(slot, SlotSetting.chosen(fill)));
        }

        @Override
        public TrailNote note(Brand before) {
            Optional<Rgb> was = before.theme().get(slot).fill().resolve(before.palette());
            Optional<Rgb> now = fill.resolve(before.palette());
            return TrailNote.of(ChangeKind.SLOT_FILLED)
                    .slot(slot)
                    .color(now)
                    .fromTo(
                            was.map(Rgb::digits).orElse(""),
                            now.map(Rgb::digits).orElse(""));
        }
    }

    record ApplySuggestion(Map<ThemeSlot, SlotSetting> settings) implements Change {
        public ApplySuggestion {
            settings = Map.copyOf(settings);
        }

        @Override
        public Brand applyTo(Brand brand) {
            settings.values().forEach(setting -> setting.fill().follows().ifPresent(brand.palette()::get));
            return brand.with(brand.theme().with(settings));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SUGGESTION_APPLIED).count(settings.size());
        }
    }

    record RenameTheme(String name) implements Change {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.theme().withName(name));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_RENAMED).fromTo(before.theme().name(), name);
        }
    }

    /** A whole first brand from one picture, in one step. */
    record DraftBrand(String source, List<Swatch> swatches, Map<ThemeSlot, SlotSetting> settings) implements Change {
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

    /**
     * Slots and fonts of an existing file become the theme.
     *
     * @param source the file's name
     * @param name of the theme; nothing: it keeps the one it has
     * @param swatches those that the palette lacks
     * @param fonts nothing: it keeps those that it has
     */
    record TakeTheme(
            String source,
            Optional<String> name,
            List<Swatch> swatches,
            Map<ThemeSlot, SlotSetting> settings,
            Optional<FontPair> fonts)
            implements Change {
        public TakeTheme {
            swatches = List.copyOf(swatches);
            settings = Map.copyOf(settings);
        }

        @Override
        public Brand applyTo(Brand brand) {
            Theme theme = brand.theme().with(settings);
            Theme named = name.map(theme::withName).orElse(theme);
            return brand.with(brand.palette().with(swatches))
                    .with(fonts.map(named::withFonts).orElse(named));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_TAKEN).subject(source).count(swatches.size());
        }
    }
}
