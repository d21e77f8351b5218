package app.zumbido.formats.image;

/** A file that no colours can be read from, picture or not; says why. */
public final class UnreadableImageException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What is wrong with the file. */
    public enum Reason {
        /** Not one of the kinds that are read. */
        UNKNOWN_KIND,
        /** Damaged or cut off. */
        BROKEN,
        /** More pixels, pages or bytes than the limit. */
        TOO_LARGE,
        /** It takes longer to read than any picture of its size should. */
        TOO_SLOW,
        /** Nothing in it has a colour. */
        NO_COLOR
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
