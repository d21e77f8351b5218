package app.zumbido.server.trail.form;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A swatch of the first five versions, which took on parts without a new number: it had one place at first and often none,
 * and neither group nor notes nor a ladder to stand on.
 *
 * @param color as {@code #RRGGBB}
 */
record Swatch1(
        UUID id,
        String name,
        String color,
        @Nullable Origin1 origin,
        @Nullable List<Origin1> origins,
        @Nullable Step1 step,
        @Nullable String group,
        @Nullable Notes1 notes) {
    static final String CORE = "Core";

    Swatch6 next() {
        List<Origin1> places = new ArrayList<>(origins == null ? List.of() : origins);
        if (origin != null) {
            places.add(origin);
        }
        return new Swatch6(
                id,
                name,
                color,
                places,
                step == null ? null : step.next(),
                group == null ? CORE : group,
                notes == null ? new Notes1("", "") : notes);
    }

    /** A place on the ladder of another swatch. */
    record Step1(UUID base, double away) {
        Paint6.Ladder next() {
            return new Paint6.Ladder(base, away);
        }
    }

    record Notes1(String spotInk, String note) {}

    /** @param area side of the square that was averaged, in pixels */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Origin1(
            String source,
            @Nullable Integer x,
            @Nullable Integer y,
            @Nullable Integer area) {}
}
