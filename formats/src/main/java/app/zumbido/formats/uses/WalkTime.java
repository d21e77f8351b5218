package app.zumbido.formats.uses;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;

/** Ends the walk through a file that takes too long; asked at everything that is found. */
public final class WalkTime {
    /** A deck of two hundred slides takes a hundredth of it. */
    private static final long SECONDS = 15;

    private final long end = System.nanoTime() + SECONDS * 1_000_000_000;

    /** @throws UnreadableImageException when the time is over */
    public void check() {
        if (System.nanoTime() - end > 0) {
            throw new UnreadableImageException(
                    Reason.TOO_SLOW,
                    "Reading the file was stopped after " + SECONDS + " seconds; take it apart and try each part");
        }
    }
}
