package app.zumbido.core.guide.layout;

/** What a part of a page is, for those who hear or search it. */
public enum Tag {
    SECTION,
    /** Holds what stands together, and means nothing by itself. */
    GROUP,
    H1,
    H2,
    H3,
    P,
    /** Words within a paragraph or a ticket. */
    SPAN,
    /** A code, meant to be copied. */
    CODE,
    LINK,
    LIST,
    ITEM,
    TABLE,
    ROW,
    COLUMN_HEAD,
    ROW_HEAD,
    CELL,
    FIGURE,
    /** The list of contents, and a line of it. */
    CONTENTS,
    CONTENTS_LINE,
    /** Stands on the page but is not read out: page numbers, rules. */
    ARTIFACT;

    public boolean isHeading() {
        return this == H1 || this == H2 || this == H3;
    }
}
