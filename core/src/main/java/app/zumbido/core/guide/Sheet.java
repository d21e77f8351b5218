package app.zumbido.core.guide;

/**
 * The sheet that a guide is laid out on.
 *
 * @param lying whether its longer side lies; a slide always lies, a board has no other way
 * @param board width of a board, in points
 */
public record Sheet(SheetFormat format, boolean lying, Spacing spacing, int board) {
    public static final int NARROWEST_BOARD = 320;
    public static final int WIDEST_BOARD = 2400;
    public static final Sheet USUAL = new Sheet(SheetFormat.A4, false, Spacing.EVEN, 840);
    /** Widescreen slides, for the guide as a presentation. */
    public static final Sheet SLIDES = new Sheet(SheetFormat.SLIDE, true, Spacing.EVEN, USUAL.board);

    public Sheet {
        if (board < NARROWEST_BOARD || board > WIDEST_BOARD) {
            throw new IllegalArgumentException(
                    "A board is " + NARROWEST_BOARD + " to " + WIDEST_BOARD + " points wide");
        }
    }

    /** @return in points */
    public double width() {
        return switch (format) {
            case BOARD -> board;
            case SLIDE -> format.width();
            case A4, LETTER -> lying ? format.height() : format.width();
        };
    }

    /** @return in points; of a board without end */
    public double height() {
        return switch (format) {
            case BOARD -> Double.POSITIVE_INFINITY;
            case SLIDE -> format.height();
            case A4, LETTER -> lying ? format.width() : format.height();
        };
    }
}
