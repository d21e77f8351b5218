package app.zumbido.server.source;

import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.KeptBrand;
import java.io.InputStream;
import java.util.UUID;

/** What other rooms may do with sources. */
public interface SourceIntake {
    /**
     * @param fileName as the person knows it
     * @param content is read to its end and not closed
     * @return the id of the new source
     * @throws app.zumbido.formats.image.UnreadableImageException if the file is no picture that can be read
     */
    UUID add(UUID brandId, String fileName, InputStream content);

    /** Makes palette and theme of an empty brand from one picture, as one step. */
    KeptBrand draft(UUID brandId, UUID sourceId, IfMatch ifMatch);

    /** Takes it off the sheet; it can be put back, and what is made of it stays. */
    void remove(UUID brandId, UUID sourceId);
}
