package app.zumbido.server.palette;

/** A group cannot be dealt with as was asked. */
public class GroupException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    GroupException(String message) {
        super(message);
    }
}
