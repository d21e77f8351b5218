package app.zumbido.server.type;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.FaceKind;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A row of the table font: one face that somebody gave.
 *
 * @param brandId nothing: every brand has it
 * @param blob name of the file in the blob store
 * @param face which one of a collection, 0 first
 * @param styleName as the file words it
 */
public record FontRow(
        UUID id,
        @Nullable UUID brandId,
        String fileName,
        String blob,
        int face,
        String family,
        String styleName,
        int weight,
        boolean italic,
        FaceKind kind,
        Embedding embedding,
        Instant addedAt) {
    /** The same face of another brand. */
    FontRow of(UUID newId, UUID newBrand) {
        return new FontRow(
                newId, newBrand, fileName, blob, face, family, styleName, weight, italic, kind, embedding, addedAt);
    }
}
