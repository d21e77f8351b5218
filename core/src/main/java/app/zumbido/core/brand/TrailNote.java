package app.zumbido.core.brand;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.Optional;

/**
 * What the trail keeps of a step besides the change itself: the names and values as they were when it happened.
 *
 * @param subject name of the swatch or picture concerned
 * @param color the swatch concerned, as it was afterwards
 * @param from value before: a name, six digits, or a place counted from 1
 * @param to value after
 * @param theme name of the theme concerned, where it is not the one that is handed over first
 * @param count how many swatches or slots it touched; 1 where it is not a matter of number
 */
public record TrailNote(
        ChangeKind kind,
        Optional<String> subject,
        Optional<Rgb> color,
        Optional<ThemeSlot> slot,
        Optional<String> from,
        Optional<String> to,
        Optional<String> theme,
        int count) {
    public static TrailNote of(ChangeKind kind) {
        return new TrailNote(
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1);
    }

    /** The first step of a brand that begins as another stands. */
    public static TrailNote copyOf(Brand original) {
        return of(ChangeKind.COPIED).subject(original.name());
    }

    TrailNote subject(String name) {
        return new TrailNote(kind, Optional.of(name), color, slot, from, to, theme, count);
    }

    TrailNote about(Swatch swatch) {
        return subject(swatch.name()).color(Optional.of(swatch.color()));
    }

    TrailNote color(Optional<Rgb> value) {
        return new TrailNote(kind, subject, value, slot, from, to, theme, count);
    }

    TrailNote slot(ThemeSlot value) {
        return new TrailNote(kind, subject, color, Optional.of(value), from, to, theme, count);
    }

    /** @param before empty: there was nothing @param after empty: there is nothing any more */
    TrailNote fromTo(String before, String after) {
        return new TrailNote(kind, subject, color, slot, said(before), said(after), theme, count);
    }

    private static Optional<String> said(String value) {
        return Optional.of(value).filter(text -> !text.isEmpty());
    }

    TrailNote count(int value) {
        return new TrailNote(kind, subject, color, slot, from, to, theme, value);
    }

    TrailNote theme(String name) {
        return new TrailNote(kind, subject, color, slot, from, to, Optional.of(name), count);
    }
}
