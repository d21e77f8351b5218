package app.zumbido.server.trail;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * What is kept of a brand besides its trail, in open form; the names of the parts are part of the format of packages.
 *
 * @param begunAt ISO-8601 in UTC, as are all times here
 * @param cursor revision of the step whose state is shown
 * @param tip revision of the newest step that redo can reach
 */
public record BrandRecord(UUID id, long revision, long cursor, long tip, String begunAt, String changedAt) {
    /**
     * One step.
     *
     * @param kind begin, change, undo or redo
     * @param base revision of the step whose state it was made on; none for the first
     * @param shows revision of the step whose state is shown afterwards
     * @param snapshot the brand afterwards, with the version of its form; none for undo and redo
     */
    public record Step(
            long revision,
            String kind,
            @Nullable Long base,
            long shows,
            String madeAt,
            JsonNode note,
            @Nullable JsonNode snapshot) {}
}
