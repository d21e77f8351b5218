package app.zumbido.core.theme;

import java.util.UUID;

/** Somebody spoke of a theme that the brand does not have (any more). */
public final class UnknownThemeException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnknownThemeException(UUID id) {
        super("There is no theme " + id + " in the brand");
    }
}
