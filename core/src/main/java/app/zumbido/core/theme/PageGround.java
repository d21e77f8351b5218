package app.zumbido.core.theme;

import java.util.List;

/** What the pages of a theme stand on. The slots keep their meaning: a dark theme turns only which of them is the page. */
public enum PageGround {
    /** Dark text on light pages. */
    LIGHT(List.of(ThemeSlot.LIGHT_1, ThemeSlot.LIGHT_2), List.of(ThemeSlot.DARK_1, ThemeSlot.DARK_2)),
    /** Light text on dark pages. */
    DARK(List.of(ThemeSlot.DARK_1, ThemeSlot.DARK_2), List.of(ThemeSlot.LIGHT_1, ThemeSlot.LIGHT_2));

    private final List<ThemeSlot> pages;
    private final List<ThemeSlot> texts;

    PageGround(List<ThemeSlot> pages, List<ThemeSlot> texts) {
        this.pages = pages;
        this.texts = texts;
    }

    /** @return the two slots that text and links stand on, the page itself first */
    public List<ThemeSlot> pages() {
        return pages;
    }

    /** @return the two slots that text is made of, the usual one first */
    public List<ThemeSlot> texts() {
        return texts;
    }

    public ThemeSlot page() {
        return pages.get(0);
    }

    public ThemeSlot text() {
        return texts.get(0);
    }

    public PageGround turned() {
        return this == LIGHT ? DARK : LIGHT;
    }
}
