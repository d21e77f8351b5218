package app.zumbido.server.source;

import java.util.UUID;

/** The brand has no such source. */
public class UnknownSourceException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownSourceException(UUID id) {
        super("The brand has no source " + id);
    }
}
