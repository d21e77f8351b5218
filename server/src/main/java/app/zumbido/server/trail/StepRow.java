package app.zumbido.server.trail;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table trail_step without its snapshot.
 *
 * @param kind begin, change, undo or redo
 * @param base revision of the step whose state the change was made on
 * @param shows revision of the step whose state is shown afterwards
 * @param note JSON, as {@link app.zumbido.server.trail.form.StoredForm} writes it
 */
record StepRow(
        UUID brandId, long revision, String kind, @Nullable Long base, long shows, String note, Instant madeAt) {}
