package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.Suggestion;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What is done to one theme. */
public sealed interface ThemeChange extends Change {
    /** @return id of the theme that is changed */
    UUID theme();

    /** @return the theme afterwards */
    Theme applyTo(Theme before);

    @Override
    default Brand applyTo(Brand brand) {
        return brand.with(brand.themes().changing(theme(), this::applyTo));
    }

    /** @return what the trail says, given the brand as it looked in that theme before */
    TrailNote note(Look before);

    @Override
    default TrailNote note(Brand before) {
        Look look = before.look(theme());
        return look.isFirst() ? note(look) : note(look).theme(look.theme().name());
    }

    /** @param paint nothing: the slot is emptied */
    record FillSlot(UUID theme, ThemeSlot slot, Optional<Paint> paint) implements ThemeChange {
        @Override
        public Theme applyTo(Theme before) {
            return before.with(slot, new SlotSetting(paint, Optional.empty()));
        }

        @Override
        public TrailNote note(Look before) {
            Optional<Rgb> was = before.theme().get(slot).paint().map(paint -> paint.resolve(before.palette()));
            Optional<Rgb> now = paint.map(to -> to.resolve(before.palette()));
            return TrailNote.of(ChangeKind.SLOT_FILLED)
                    .slot(slot)
                    .color(now)
                    .fromTo(
                            was.map(Rgb::digits).orElse(""),
                            now.map(Rgb::digits).orElse(""));
        }
    }

    /** @param policy what the suggestion heeded; later ones do too */
    record ApplySuggestion(UUID theme, SuggestionPolicy policy, Map<ThemeSlot, SlotSetting> settings)
            implements ThemeChange {
        public ApplySuggestion {
            settings = Map.copyOf(settings);
        }

        public static ApplySuggestion of(Look look, SuggestionPolicy policy) {
            return new ApplySuggestion(
                    look.themeId(),
                    policy,
                    Suggestion.of(look.palette(), look.roles(), look.theme(), policy)
                            .settings());
        }

        @Override
        public Theme applyTo(Theme before) {
            return before.heeding(policy).with(settings);
        }

        @Override
        public TrailNote note(Look before) {
            return TrailNote.of(ChangeKind.SUGGESTION_APPLIED).count(settings.size());
        }
    }

    /** Says what every suggestion for the theme heeds. */
    record SetPolicy(UUID theme, SuggestionPolicy policy) implements ThemeChange {
        @Override
        public Theme applyTo(Theme before) {
            return before.heeding(policy);
        }

        @Override
        public TrailNote note(Look before) {
            return TrailNote.of(ChangeKind.SUGGESTION_POLICY_SET)
                    .count(policy.kept().size());
        }
    }

    record RenameTheme(UUID theme, String name) implements ThemeChange {
        @Override
        public Theme applyTo(Theme before) {
            return before.withName(name);
        }

        @Override
        public TrailNote note(Look before) {
            return TrailNote.of(ChangeKind.THEME_RENAMED).fromTo(before.theme().name(), name);
        }
    }

    record SetGround(UUID theme, PageGround ground) implements ThemeChange {
        @Override
        public Theme applyTo(Theme before) {
            return before.on(ground);
        }

        @Override
        public TrailNote note(Look before) {
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
     * @param type nothing: the brand is set as before
     */
    record TakeTheme(
            UUID theme,
            String source,
            Optional<String> name,
            List<Swatch> swatches,
            Map<ThemeSlot, SlotSetting> settings,
            Optional<FontSet> type)
            implements ThemeChange {
        public TakeTheme {
            swatches = List.copyOf(swatches);
            settings = Map.copyOf(settings);
        }

        @Override
        public Theme applyTo(Theme before) {
            Theme taken = before.with(settings);
            return name.map(taken::withName).orElse(taken);
        }

        @Override
        public Brand applyTo(Brand brand) {
            Brand set = type.map(brand::with).orElse(brand);
            return ThemeChange.super.applyTo(set.with(set.palette().with(swatches)));
        }

        @Override
        public TrailNote note(Look before) {
            return TrailNote.of(ChangeKind.THEME_TAKEN).subject(source).count(swatches.size());
        }
    }
}
