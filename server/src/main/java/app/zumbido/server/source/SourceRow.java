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
 * @param cropX left edge of a part that was cut out of the picture; nothing: the whole
 * @param cropY upper edge of it
 * @param page of a document, 0 first; nothing for a picture
 * @param blob name of the file in the blob store
 */
public record SourceRow(
        UUID id,
        UUID brandId,
        String name,
        String kind,
        @Nullable Integer width,
        @Nullable Integer height,
        @Nullable Integer page,
        @Nullable Integer cropX,
        @Nullable Integer cropY,
        String blob,
        Instant addedAt) {
    /** Whether it is a part cut out for the mood board. */
    boolean isCrop() {
        return cropX != null;
    }

    boolean hasPicture() {
        return width != null;
    }

    /** @return where the picture is in its file */
    int part() {
        return page == null ? 0 : page;
    }
}
