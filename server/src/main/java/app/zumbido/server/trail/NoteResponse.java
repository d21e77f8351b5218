package app.zumbido.server.trail;

import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.TrailNote;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import org.jspecify.annotations.Nullable;

/**
 * What a step was, as values; the page words it.
 *
 * @param theme name of the theme concerned, where it is not the one that is handed over first
 */
public record NoteResponse(
        ChangeKind kind,
        int count,
        @Nullable String subject,
        @Nullable String hex,
        @Nullable String slot,
        @Nullable String from,
        @Nullable String to,
        @Nullable String theme) {
    public static NoteResponse of(TrailNote note) {
        return new NoteResponse(
                note.kind(),
                note.count(),
                note.subject().orElse(null),
                note.color().map(Rgb::hex).orElse(null),
                note.slot().map(ThemeSlot::code).orElse(null),
                note.from().orElse(null),
                note.to().orElse(null),
                note.theme().orElse(null));
    }
}
