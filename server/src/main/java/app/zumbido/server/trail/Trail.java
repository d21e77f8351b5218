package app.zumbido.server.trail;

import app.zumbido.core.brand.TrailNote;
import app.zumbido.server.trail.form.StoredForm;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A part of the history of a brand as people see it.
 *
 * @param steps oldest first; those after the cursor are undone and can be redone
 * @param cursor revision of the step whose state is shown
 * @param more whether older steps lie before these
 */
public record Trail(List<Step> steps, long cursor, boolean more) {
    /** @param done false if it is undone at present */
    public record Step(long revision, TrailNote note, Instant madeAt, boolean done) {}

    /** @param rows newest first */
    static Trail of(List<StepRow> rows, long cursor) {
        List<Step> steps = new ArrayList<>();
        for (StepRow row : rows) {
            steps.add(new Step(row.revision(), StoredForm.note(row.note()), row.madeAt(), row.revision() <= cursor));
        }
        Collections.reverse(steps);
        boolean more = !rows.isEmpty() && rows.get(rows.size() - 1).base() != null;
        return new Trail(List.copyOf(steps), cursor, more);
    }
}
