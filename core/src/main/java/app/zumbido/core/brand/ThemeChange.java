package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What is done to the theme that is handed over first, or through {@link InTheme} to any other. */
public sealed interface ThemeChange extends Change
        permits ThemeChange.InTheme,
                ThemeChange.FillSlot,
                ThemeChange.ApplySuggestion,
                ThemeChange.RenameTheme,
                ThemeChange.SetGround,
                ThemeChange.TakeTheme {
    /** The same to one of several themes; which one is handed over first stays as it is. */
    record InTheme(UUID theme, ThemeChange change) implements ThemeChange {
        @Override
        public Brand applyTo(Brand brand) {
            Brand changed = change.applyTo(brand.seenIn(theme));
            return changed.with(changed.themes().inOrder(brand.themes().ids()));
        }

        @Override
        public TrailNote note(Brand before) {
            return change.note(before.seenIn(theme))
                    .theme(before.themes().get(theme).name());
        }
    }

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

    record SetGround(PageGround ground) implements ThemeChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.theme().on(ground));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_GROUND_SET)
                    .fromTo(before.theme().ground().name(), ground.name());
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
