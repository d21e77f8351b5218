package app.zumbido.core.guide;

/** What a guide is laid out on. */
public enum SheetFormat {
    /** ISO 216: 210 x 297 mm. */
    A4(595.276, 841.89),
    /** 8.5 x 11 in. */
    LETTER(612, 792),
    /** 16:9, as large as widescreen slides are: 13.333 x 7.5 in. */
    SLIDE(960, 540),
    /** One page of a chosen width, as high as what stands on it. */
    BOARD(0, 0);

    private final double width;
    private final double height;

    SheetFormat(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** @return in points, as it usually stands */
    double width() {
        return width;
    }

    double height() {
        return height;
    }

    /** Whether it has several pages. */
    public boolean hasPages() {
        return this != BOARD;
    }
}
