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
 * @param note JSON of a {@link app.zumbido.core.brand.TrailNote}
 * @param change JSON of a {@link app.zumbido.core.brand.Change}
 */
record StepRow(
        UUID brandId,
        long revision,
        String kind,
        @Nullable Long base,
        long shows,
        String note,
        @Nullable String change,
        Instant madeAt) {}
