package app.zumbido.server.job;

import java.io.IOException;
import java.io.OutputStream;

/** Something that takes long and ends in a file. */
public interface JobWork {
    /** @return name of the file, as every file system takes it */
    String fileName();

    String mediaType();

    /**
     * Writes the file. Each writing is a checkpoint: of a job that has been stopped it throws, and nothing needs to be
     * cleared away.
     */
    void write(OutputStream out) throws IOException;
}
