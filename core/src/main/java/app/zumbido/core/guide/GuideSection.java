package app.zumbido.core.guide;

/**
 * What is decided about one section.
 *
 * @param title empty: the usual one
 * @param note a sentence of one's own beneath its title; empty: none
 */
public record GuideSection(SectionKind kind, boolean shown, Share share, String title, String note) {
    public static final int LONGEST_TITLE = 80;
    public static final int LONGEST_NOTE = 400;

    public GuideSection {
        if (title.length() > LONGEST_TITLE || note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException(
                    "A title has at most " + LONGEST_TITLE + " characters, a note at most " + LONGEST_NOTE);
        }
    }

    static GuideSection usual(SectionKind kind) {
        return new GuideSection(kind, kind != SectionKind.SLOTS, Share.FULL, "", "");
    }

    public String heading() {
        return title.isBlank() ? kind.usualTitle() : title;
    }

    public GuideSection shown(boolean is) {
        return new GuideSection(kind, is, share, title, note);
    }

    public GuideSection wide(Share other) {
        return new GuideSection(kind, shown, other, title, note);
    }

    /** @param other empty: the usual title again */
    public GuideSection called(String other) {
        return new GuideSection(kind, shown, share, other, note);
    }

    public GuideSection noted(String other) {
        return new GuideSection(kind, shown, share, title, other);
    }
}
