package app.zumbido.formats.layouts;

/** The layouts of a template, in the order in which they are offered. */
public enum SlideLayout {
    TITLE("Title"),
    SECTION("Section"),
    CONTENT("Content"),
    COLUMNS("Two columns"),
    PICTURE("Picture and caption"),
    CHART("Chart"),
    TABLE("Table"),
    KEY_MESSAGE("Key message"),
    QUOTE("Quote"),
    TURNED("Dark"),
    OVER_A_PICTURE("Text over a picture"),
    BLANK("Blank");

    private final String called;

    SlideLayout(String called) {
        this.called = called;
    }

    /** @param dark whether the pages of the theme are dark, so that the turned layout is light */
    public String called(boolean dark) {
        return this == TURNED && dark ? "Light" : called;
    }
}
