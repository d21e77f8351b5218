package app.zumbido.formats.fonts;

import org.jspecify.annotations.Nullable;

/** A file that no letters can be taken from. */
public final class UnreadableFontException extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why. */
    public enum Reason {
        NOT_A_FONT,
        /** Packed for web pages. */
        PACKED,
        BROKEN,
        /** It would take too long, or too much memory. */
        TOO_MUCH
    }

    private final Reason reason;

    UnreadableFontException(Reason reason, String message, @Nullable Throwable cause) {
        super(message, cause);
        this.reason = reason;
    }

    public UnreadableFontException(Reason reason, String message) {
        this(reason, message, null);
    }

    /** @param face which one of a collection, 0 first */
    public static UnreadableFontException noSuchFace(int face) {
        return new UnreadableFontException(Reason.BROKEN, "There is no face " + (face + 1) + " in this font file");
    }

    public Reason reason() {
        return reason;
    }
}
