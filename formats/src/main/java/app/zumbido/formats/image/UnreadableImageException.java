package app.zumbido.formats.image;

/** A file that cannot be made into a picture; says why. */
public final class UnreadableImageException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What is wrong with the file. */
    public enum Reason {
        /** Not one of the kinds that are read. */
        UNKNOWN_KIND,
        /** Damaged or cut off. */
        BROKEN,
        /** More pixels than the limit. */
        TOO_LARGE
    }

    private final Reason reason;

    public UnreadableImageException(Reason reason, String detail) {
        super(detail);
        this.reason = reason;
    }

    public UnreadableImageException(Reason reason, String detail, Throwable cause) {
        super(detail, cause);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
