package app.zumbido.core.inspect;

/** What a colour does where it is seen. */
public enum Purpose {
    TITLE(ColorUse.TEXT),
    /** What stands beneath a title, and headings of lower rank. */
    SUBTITLE(ColorUse.TEXT),
    BODY(ColorUse.TEXT),
    /** Written in a filled shape. */
    BOX_TEXT(ColorUse.TEXT),
    TABLE_HEAD_TEXT(ColorUse.TEXT),
    TABLE_TEXT(ColorUse.TEXT),
    /** Numbers of pages, dates, feet. */
    SMALL_PRINT(ColorUse.TEXT),
    LINK(ColorUse.TEXT),
    /** Behind everything. */
    PAGE_GROUND(ColorUse.GROUND),
    /** What a title stands on that is not the page. */
    TITLE_BAND(ColorUse.GROUND),
    /** A filled shape in which something is written. */
    BOX_FILL(ColorUse.GROUND),
    TABLE_HEAD(ColorUse.GROUND),
    /** Every second row. */
    TABLE_BAND(ColorUse.GROUND),
    CELL_FILL(ColorUse.GROUND),
    /** Behind some words, as with a marker. */
    MARKED(ColorUse.GROUND),
    /** A line by itself. */
    LINE(ColorUse.BORDER),
    /** Around a shape or a cell. */
    EDGE(ColorUse.BORDER),
    /** A filled shape in which nothing is written. */
    SHAPE_FILL(ColorUse.GRAPHIC),
    SERIES(ColorUse.GRAPHIC);

    private final ColorUse use;

    Purpose(ColorUse use) {
        this.use = use;
    }

    /** @return the same, less exactly */
    public ColorUse use() {
        return use;
    }

    /** @return the usual purpose, where a file tells no more */
    public static Purpose usual(ColorUse use) {
        return switch (use) {
            case TEXT -> BODY;
            case GROUND -> BOX_FILL;
            case BORDER -> EDGE;
            case GRAPHIC -> SHAPE_FILL;
        };
    }
}
