package app.zumbido.server.trail;

import app.zumbido.core.brand.TrailNote;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The history of a brand as people see it.
 *
 * @param steps oldest first; those after the cursor are undone and can be redone
 * @param cursor revision of the step whose state is shown
 */
public record Trail(List<Step> steps, long cursor) {
    /** @param done false if it is undone at present */
    public record Step(long revision, TrailNote note, Instant madeAt, boolean done) {}

    static Trail of(List<StepRow> rows, long cursor, long tip, Function<String, TrailNote> notes) {
        Map<Long, StepRow> byRevision = new HashMap<>();
        rows.forEach(row -> byRevision.put(row.revision(), row));
        Deque<Step> steps = new ArrayDeque<>();
        StepRow row = byRevision.get(tip);
        while (row != null) {
            steps.addFirst(new Step(row.revision(), notes.apply(row.note()), row.madeAt(), row.revision() <= cursor));
            row = previous(row, byRevision);
        }
        return new Trail(List.copyOf(steps), cursor);
    }

    private static @Nullable StepRow previous(StepRow row, Map<Long, StepRow> byRevision) {
        return row.base() == null ? null : byRevision.get(row.base());
    }
}
