package app.zumbido.server.contrast;

import java.util.UUID;

/** The brand has no composed ground of that id (any more). */
public class UnknownGroundException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownGroundException(UUID ground) {
        super("There is no ground " + ground + " in the brand");
    }
}
