package app.zumbido.server.delivery;

import java.time.Instant;
import java.util.UUID;

/**
 * A row of the table place_of_use.
 *
 * @param kind name of a {@link app.zumbido.core.handover.PlaceOfUse.Kind}
 * @param given JSON of what was typed in there
 */
record PlaceRow(UUID id, UUID brandId, String name, String kind, String given, Instant addedAt) {}
