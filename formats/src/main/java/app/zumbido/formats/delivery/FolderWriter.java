package app.zumbido.formats.delivery;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;

/** Writes something that is made of several files: by itself it comes as a zip. */
public interface FolderWriter extends DeliveryWriter {
    @Override
    default String mediaType() {
        return "application/zip";
    }

    @Override
    default void write(Order order, OutputStream out) throws IOException {
        FolderZip.write(out, files(order));
    }

    /** @return by path, in their order */
    Map<String, byte[]> files(Order order) throws IOException;
}
