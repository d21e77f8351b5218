package app.zumbido.server.source;

import java.time.Instant;
import java.util.UUID;

/**
 * A row of the table source.
 *
 * @param kind the format, as in {@code png}
 * @param width in pixels
 * @param height in pixels
 * @param blob name of the file in the blob store
 */
record SourceRow(
        UUID id, UUID brandId, String name, String kind, int width, int height, String blob, Instant addedAt) {}
