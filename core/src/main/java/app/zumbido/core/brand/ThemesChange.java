package app.zumbido.core.brand;

import app.zumbido.core.theme.Theme;
import java.util.Optional;
import java.util.UUID;

/** What is done to the themes of a brand as a whole: which there are, and which is handed over first. */
public sealed interface ThemesChange extends Change {
    /** @param copyOf name of the theme that it was made from; nothing for one that begins empty */
    record AddTheme(Theme theme, Optional<String> copyOf) implements ThemesChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.themes().with(theme));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_ADDED).subject(theme.name()).fromTo(copyOf.orElse(""), theme.name());
        }
    }

    record RemoveTheme(UUID theme) implements ThemesChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.themes().without(theme));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_REMOVED)
                    .subject(before.themes().get(theme).name());
        }
    }

    /** Lets a theme be the one that is handed over first. */
    record LeadWithTheme(UUID theme) implements ThemesChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.themes().leading(theme));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.THEME_LEADS)
                    .fromTo(
                            before.themes().first().name(),
                            before.themes().get(theme).name());
        }
    }
}
