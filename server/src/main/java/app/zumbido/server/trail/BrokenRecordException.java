package app.zumbido.server.trail;

/** What is said to be a brand is none, or contradicts itself. */
public class BrokenRecordException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    BrokenRecordException(String message) {
        super(message);
    }

    BrokenRecordException(String message, Throwable cause) {
        super(message, cause);
    }
}
