package app.zumbido.server.source;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table source.
 *
 * @param kind the format, as in {@code png}
 * @param width in pixels; nothing if the file shows no picture
 * @param height in pixels; nothing if the file shows no picture
 * @param page of a document, 0 first; nothing for a picture
 * @param blob name of the file in the blob store
 */
record SourceRow(
        UUID id,
        UUID brandId,
        String name,
        String kind,
        @Nullable Integer width,
        @Nullable Integer height,
        @Nullable Integer page,
        String blob,
        Instant addedAt) {
    boolean hasPicture() {
        return width != null;
    }

    /** @return where the picture is in its file */
    int part() {
        return page == null ? 0 : page;
    }
}
