package app.zumbido.server.delivery;

import java.time.Instant;
import java.util.UUID;

/**
 * A row of the table place_of_use.
 *
 * @param kind name of a {@link app.zumbido.core.handover.PlaceOfUse.Kind}
 * @param given JSON of what was typed in there
 */
public record PlaceRow(UUID id, UUID brandId, String name, String kind, String given, Instant addedAt) {
    /** The same place of another brand. */
    PlaceRow of(UUID newId, UUID newBrand) {
        return new PlaceRow(newId, newBrand, name, kind, given, addedAt);
    }
}
