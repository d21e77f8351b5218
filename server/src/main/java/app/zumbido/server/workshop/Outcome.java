package app.zumbido.server.workshop;

import app.zumbido.formats.image.UnreadableImageException;
import java.io.Serializable;

/** What a worker says of a task. */
sealed interface Outcome extends Serializable {
    record Done(Serializable value) implements Outcome {}

    /** The file is to blame. */
    record Unreadable(UnreadableImageException.Reason reason, String message) implements Outcome {}

    /** We are. */
    record Failed(String trace) implements Outcome {}
}
