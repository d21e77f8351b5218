package app.zumbido.server.contrast;

import java.util.UUID;

/** What a ground can lie over; the sheet answers. */
public interface PicturesOnTheSheet {
    /** @throws RuntimeException if the brand has no such source, or it shows no picture */
    void require(UUID brand, UUID source);
}
