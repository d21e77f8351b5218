package app.zumbido.server.shelf;

import java.util.UUID;

/** There is no such brand on the shelf. */
public class UnknownBrandException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnknownBrandException(UUID id) {
        super("There is no brand " + id + " on the shelf");
    }
}
