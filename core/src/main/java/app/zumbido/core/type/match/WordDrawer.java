package app.zumbido.core.type.match;

/** Draws letters of one face. */
public interface WordDrawer {
    /** @return whether it has every letter */
    boolean has(String text);

    /** @return how high letters reach above the baseline, in ems */
    double top(String text);

    /** @return how far they reach beneath it, in ems; negative where they end above */
    double bottom(String text);

    /** @return from the left edge of the first letter to the right edge of the last one, in ems */
    double width(String text);

    /**
     * @param em in pixels
     * @param baseline beneath the upper edge, in pixels
     * @param spacing added between letters, in ems
     * @return coverage of letters that begin at x 1 and are shifted to the right by a fraction of a pixel
     */
    Ink draw(String text, double em, double baseline, int height, double spacing, double shift);
}
