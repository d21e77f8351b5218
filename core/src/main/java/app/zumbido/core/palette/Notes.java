package app.zumbido.core.palette;

/**
 * What people write beside a swatch.
 *
 * @param spotInk reference of a ready-mixed ink, as the printing house knows it; free text up to 60 characters, empty if
 *     there is none
 * @param note free text up to 400 characters, empty if there is none
 */
public record Notes(String spotInk, String note) {
    public static final int LONGEST_SPOT_INK = 60;
    public static final int LONGEST_NOTE = 400;
    public static final Notes NONE = new Notes("", "");

    public Notes {
        if (spotInk.length() > LONGEST_SPOT_INK || note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException(
                    "A spot ink has up to " + LONGEST_SPOT_INK + " characters, a note up to " + LONGEST_NOTE);
        }
    }
}
