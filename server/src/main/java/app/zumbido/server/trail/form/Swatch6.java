package app.zumbido.server.trail.form;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** @param color as {@code #RRGGBB} */
@JsonInclude(JsonInclude.Include.NON_NULL)
record Swatch6(
        UUID id,
        String name,
        String color,
        List<Swatch1.Origin1> origins,
        Paint6.@Nullable Ladder step,
        String group,
        Swatch1.Notes1 notes) {
    static Swatch6 of(Swatch swatch) {
        return new Swatch6(
                swatch.id().value(),
                swatch.name(),
                swatch.color().hex(),
                swatch.origins().stream().map(Swatch6::form).toList(),
                swatch.step().map(Paint6.Ladder::of).orElse(null),
                swatch.group().name(),
                new Swatch1.Notes1(swatch.notes().spotInk(), swatch.notes().note()));
    }

    private static Swatch1.Origin1 form(Origin origin) {
        return new Swatch1.Origin1(origin.source(), number(origin.x()), number(origin.y()), number(origin.area()));
    }

    private static @Nullable Integer number(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    Swatch swatch() {
        return new Swatch(
                new SwatchId(id),
                name,
                Rgb.ofHex(color),
                origins.stream().map(Swatch6::origin).toList(),
                Optional.ofNullable(step).map(Paint6.Ladder::paint),
                new Group(group),
                new Notes(notes.spotInk(), notes.note()));
    }

    private static Origin origin(Swatch1.Origin1 form) {
        return new Origin(form.source(), optional(form.x()), optional(form.y()), optional(form.area()));
    }

    private static OptionalInt optional(@Nullable Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
