package app.zumbido.formats.guide;

/** A picture would get larger than it can be held. */
public final class TooManyPixelsException extends RuntimeException {
    TooManyPixelsException(long pixels, long most) {
        super("The picture would have " + pixels / 1_000_000 + " megapixels, and at most " + most / 1_000_000
                + " can be made at once; ask for one page at a time, or for a smaller scale");
    }
}
