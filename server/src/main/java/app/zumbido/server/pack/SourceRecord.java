package app.zumbido.server.pack;

import app.zumbido.server.source.SourceRow;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A source of a brand as a package lists it.
 *
 * @param file SHA-256 of the file, which is its name in the package
 * @param addedAt ISO-8601 in UTC
 */
record SourceRecord(
        UUID id,
        String name,
        String kind,
        @Nullable Integer width,
        @Nullable Integer height,
        @Nullable Integer page,
        @Nullable Integer cropX,
        @Nullable Integer cropY,
        String file,
        String addedAt) {
    static SourceRecord of(SourceRow row) {
        return new SourceRecord(
                row.id(),
                row.name(),
                row.kind(),
                row.width(),
                row.height(),
                row.page(),
                row.cropX(),
                row.cropY(),
                row.blob(),
                row.addedAt().toString());
    }
}
