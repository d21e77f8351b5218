package app.zumbido.core.inspect.dress;

import java.util.List;

/**
 * Something that is told before a file is dressed.
 *
 * @param pages that it is about; none if it is the whole file
 * @param words names of masters, or of families, whichever it is about
 * @param count how many
 */
public record DressWarning(Kind kind, List<Integer> pages, List<String> words, int count) {
    /** What it is about. */
    public enum Kind {
        /** The slides have other proportions than the template; they keep them. */
        OTHER_SIZE,
        SEVERAL_MASTERS,
        HIDDEN_GRAPHICS,
        /** Headings that need another line in the new face. */
        HEADINGS_WRAP,
        OLD_LOGO,
        FONTS_BY_HAND,
        /** Pictures have colours of their own. */
        PICTURES,
        /** The format knows no theme, so that colours are written in as they are. */
        NO_THEME
    }

    public DressWarning {
        pages = List.copyOf(pages);
        words = List.copyOf(words);
    }
}
