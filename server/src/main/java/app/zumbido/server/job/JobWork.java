package app.zumbido.server.job;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;

/** Something that takes long and ends in a file. */
public interface JobWork {
    /** @return name of the file, as every file system takes it */
    String fileName();

    String mediaType();

    /**
     * Writes the file. Each writing and each step is a checkpoint: of a job that has been stopped it throws, and nothing needs
     * to be cleared away.
     *
     * @param step to be run whenever a step is done
     */
    void write(OutputStream out, Runnable step) throws IOException;

    /** @return how many steps it takes */
    default int steps() {
        return 1;
    }

    /** Is told when the file is there, before anybody else; a job that fails here has failed. */
    default void done(InputStream file) throws IOException {}
}
