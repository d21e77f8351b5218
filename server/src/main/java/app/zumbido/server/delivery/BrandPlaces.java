package app.zumbido.server.delivery;

import java.util.List;
import java.util.UUID;

/** Where brands are set up by hand, for those who take whole brands along. */
public interface BrandPlaces {
    /** @return in the order of their making */
    List<PlaceRow> kept(UUID brand);

    /**
     * @param row of some other shelf
     * @return not in the table yet
     * @throws IllegalArgumentException if there is no such place
     */
    PlaceRow ready(PlaceRow row);

    void put(PlaceRow row, UUID brand);
}
