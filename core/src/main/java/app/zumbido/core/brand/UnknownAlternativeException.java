package app.zumbido.core.brand;

import java.util.UUID;

/** The brand keeps no palette of that id beside the one in force. */
public final class UnknownAlternativeException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    public UnknownAlternativeException(UUID id) {
        super("The brand keeps no palette " + id);
    }
}
