package app.zumbido.formats.delivery;

import app.zumbido.core.brand.Look;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Writes one kind of what is handed over. */
public interface DeliveryWriter {
    /** @return lower-case letters and hyphens; part of an address, so it never changes */
    String kind();

    /** @return how names of its files end, with the full stop */
    String ending();

    /** @return media type, with the charset of texts */
    String mediaType();

    /** @return what stands in its way; empty if it can be written */
    default List<Obstacle> obstacles(Look look) {
        return List.of();
    }

    /**
     * The same order makes the same bytes.
     *
     * @throws IllegalStateException if something stands in its way
     */
    void write(Order order, OutputStream out) throws IOException;
}
