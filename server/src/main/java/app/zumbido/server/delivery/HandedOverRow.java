package app.zumbido.server.delivery;

import java.time.Instant;
import java.util.UUID;

/**
 * A row of the table handed_over.
 *
 * @param revision of the brand that it was made from
 * @param blob name of the file in the blob store
 * @param size in bytes
 * @param files JSON of {@link HandedFile}s
 * @param openPoints JSON of {@link OpenPointResponse}s
 */
record HandedOverRow(
        UUID id,
        UUID brandId,
        long revision,
        UUID themeId,
        String fileName,
        String blob,
        long size,
        String files,
        String openPoints,
        Instant madeAt) {}
