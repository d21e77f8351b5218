package app.zumbido.formats.office.slides;

/** The layouts of a template, in the order in which they are offered. */
enum SlideLayout {
    TITLE("Title", "title"),
    SECTION("Section", "secHead"),
    CONTENT("Content", "obj"),
    COLUMNS("Two columns", "twoTxTwoObj"),
    PICTURE("Picture and caption", "picTx"),
    CHART("Chart", "chart"),
    TABLE("Table", "tbl"),
    KEY_MESSAGE("Key message", "cust"),
    QUOTE("Quote", "cust"),
    TURNED("Dark", "cust"),
    OVER_A_PICTURE("Text over a picture", "cust"),
    BLANK("Blank", "blank");

    private final String called;
    private final String type;

    SlideLayout(String called, String type) {
        this.called = called;
        this.type = type;
    }

    /** @param dark whether the pages of the theme are dark, so that the turned layout is light */
    String called(boolean dark) {
        return this == TURNED && dark ? "Light" : called;
    }

    /** Source: ECMA-376 Part 1, 19.7.15. */
    String type() {
        return type;
    }
}
