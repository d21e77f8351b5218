package app.zumbido.formats.uses;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.formats.archive.Splices;

/** Puts another colour at a spot of a part. */
public final class PartRepaint {
    private PartRepaint() {}

    /** For files that know no theme: the value takes the place of the one that stands there. */
    public static void putHex(String text, Spot spot, Replacement replacement, Splices splices) {
        splices.put(spot.from(), spot.to(), replacement.color().hex());
    }
}
