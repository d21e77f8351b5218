package app.zumbido.server.existing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table existing_file.
 *
 * @param lineage id of the first version of the same file
 * @param kind as in {@code pptx}
 * @param blob name of the file in the blob store
 * @param madeBy mend or dress; nothing of what came in
 * @param madeFrom the file that it was made from
 * @param words digests of what is written in it, parted by blanks
 */
public record ExistingFileRow(
        UUID id,
        UUID brandId,
        UUID lineage,
        String name,
        String kind,
        int pages,
        String blob,
        @Nullable String madeBy,
        @Nullable UUID madeFrom,
        String words,
        Instant addedAt) {}
