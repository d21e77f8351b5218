package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is done to the theme. */
public sealed interface ThemeChange extends Change {
    record FillSlot(ThemeSlot slot, SlotFill fill) implements ThemeChange {
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

    record ApplySuggestion(Map<ThemeSlot, SlotSetting> settings) implements ThemeChange {
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

    record RenameTheme(String name) implements ThemeChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.theme().withName(name));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_RENAMED).fromTo(before.theme().name(), name);
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
            implements ThemeChange {
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
