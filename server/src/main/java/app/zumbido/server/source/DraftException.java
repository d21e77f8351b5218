package app.zumbido.server.source;

/** A draft cannot be made. */
public class DraftException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why not. */
    public enum Reason {
        /** The brand has colours already, and a draft would be mixed into them. */
        BRAND_NOT_EMPTY,
        /** The picture proposes no colour. */
        NOTHING_FOUND
    }

    private final Reason reason;

    DraftException(Reason reason, String detail) {
        super(detail);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
