package app.zumbido.core.logos;

import java.util.UUID;

/** There is no such brand element. */
public final class UnknownElementException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnknownElementException(UUID id) {
        super("The brand has no element " + id);
    }
}
