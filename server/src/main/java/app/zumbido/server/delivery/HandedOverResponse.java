package app.zumbido.server.delivery;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * Something that was handed over.
 *
 * @param revision of the step of the trail that it was made from
 * @param size in bytes
 * @param openPoints what was to be looked at when it went out
 */
record HandedOverResponse(
        UUID id,
        Instant madeAt,
        long revision,
        String fileName,
        long size,
        List<HandedFile> files,
        List<OpenPointResponse> openPoints) {
    static HandedOverResponse of(HandedOverRow row, List<HandedFile> files, List<OpenPointResponse> openPoints) {
        return new HandedOverResponse(
                row.id(), row.madeAt(), row.revision(), row.fileName(), row.size(), files, openPoints);
    }
}
