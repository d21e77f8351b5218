package app.zumbido.server.shelf;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table brand.
 *
 * @param cursor revision of the step whose state is shown
 * @param tip revision of the newest step that redo can reach
 */
public record BrandRow(
        UUID id,
        String name,
        @Nullable String shortCode,
        long revision,
        long cursor,
        long tip,
        Instant begunAt,
        Instant changedAt,
        @Nullable Instant deletedAt) {}
