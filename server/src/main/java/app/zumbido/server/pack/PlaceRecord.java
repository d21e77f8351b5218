package app.zumbido.server.pack;

import app.zumbido.server.delivery.PlaceRow;
import java.time.Instant;
import java.util.UUID;

/**
 * Where a brand is set up by hand, as a package lists it.
 *
 * @param kind SITE, MAIL, VIDEO, PRINT or OTHER
 * @param given JSON of the colours as they were typed in there, and a key of the logo
 */
record PlaceRecord(String name, String kind, String given, Instant addedAt) {
    static PlaceRecord of(PlaceRow row) {
        return new PlaceRecord(row.name(), row.kind(), row.given(), row.addedAt());
    }

    /** @param brand id that it has in the package */
    PlaceRow row(UUID brand) {
        return new PlaceRow(brand, brand, name, kind, given, addedAt);
    }
}
