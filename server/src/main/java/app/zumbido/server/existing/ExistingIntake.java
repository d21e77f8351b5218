package app.zumbido.server.existing;

import java.io.InputStream;
import java.util.UUID;

/** Takes files that exist in, for others than the page. */
public interface ExistingIntake {
    /**
     * Keeps the file beside the brand.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be dressed or checked
     */
    void takeIn(UUID brandId, String fileName, InputStream content);
}
