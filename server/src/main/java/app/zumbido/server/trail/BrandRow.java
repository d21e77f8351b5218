package app.zumbido.server.trail;

import app.zumbido.core.brand.Brand;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table brand.
 *
 * @param cursor revision of the step whose state is shown
 * @param tip revision of the newest step that redo can reach
 */
record BrandRow(
        UUID id,
        String name,
        @Nullable String shortCode,
        long revision,
        long cursor,
        long tip,
        Instant begunAt,
        Instant changedAt,
        @Nullable Instant deletedAt) {
    static BrandRow of(Brand brand, long cursor, long tip, Instant begunAt, Instant changedAt) {
        return new BrandRow(
                brand.id(),
                brand.name(),
                brand.shortCode().orElse(null),
                brand.revision(),
                cursor,
                tip,
                begunAt,
                changedAt,
                null);
    }

    /** The same brand after one more step. */
    BrandRow moved(Brand brand, long newCursor, long newTip, Instant now) {
        return of(brand, newCursor, newTip, begunAt, now);
    }
}
