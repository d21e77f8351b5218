package app.zumbido.server.trail.form;

import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the trail says about a step.
 *
 * @param color as {@code #RRGGBB}
 * @param slot the standard's code
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Note1(
        String kind,
        @Nullable String subject,
        @Nullable String color,
        @Nullable String slot,
        @Nullable String from,
        @Nullable String to,
        @Nullable String theme,
        int count) {
    static Note1 of(TrailNote note) {
        return new Note1(
                note.kind().name(),
                note.subject().orElse(null),
                note.color().map(Rgb::hex).orElse(null),
                note.slot().map(ThemeSlot::code).orElse(null),
                note.from().orElse(null),
                note.to().orElse(null),
                note.theme().orElse(null),
                note.count());
    }

    TrailNote note() {
        return new TrailNote(
                ChangeKind.valueOf(kind),
                Optional.ofNullable(subject),
                Optional.ofNullable(color).map(Rgb::ofHex),
                Optional.ofNullable(slot).flatMap(ThemeSlot::ofCode),
                Optional.ofNullable(from),
                Optional.ofNullable(to),
                Optional.ofNullable(theme),
                count);
    }
}
