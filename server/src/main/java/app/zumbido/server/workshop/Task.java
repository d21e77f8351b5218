package app.zumbido.server.workshop;

import java.io.Serializable;

/**
 * Something that is done with a file in a process of its own. It carries everything that it needs.
 *
 * @param <T> what comes of it
 */
public interface Task<T extends Serializable> extends Serializable {
    /** @throws app.zumbido.formats.image.UnreadableImageException if the file cannot be read; whoever asked is told so */
    T run();
}
