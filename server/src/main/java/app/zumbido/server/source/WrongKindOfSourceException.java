package app.zumbido.server.source;

/** A picture was asked for its list, or a list for its picture. */
public final class WrongKindOfSourceException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    WrongKindOfSourceException(String detail) {
        super(detail);
    }
}
