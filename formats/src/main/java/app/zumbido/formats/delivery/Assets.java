package app.zumbido.formats.delivery;

import java.util.Optional;
import java.util.UUID;

/** Files that belong to a brand, fetched when a writer asks for them. */
public interface Assets {
    /** A brand that has none. */
    Assets NONE = source -> Optional.empty();

    /** @param source id of a picture on the brand's sheet @return the file as it was uploaded; nothing if it is gone */
    Optional<byte[]> picture(UUID source);
}
