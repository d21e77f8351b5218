package app.zumbido.core.guide;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The sections of a guide, in the order in which they usually stand. */
public enum SectionKind {
    TITLE("Style guide", true, 1),
    LOGOS("Logos", true, 3),
    DO_NOTS("Please do not", false, 9),
    COLORS("Colours", true, 2),
    CODES("Every code", false, 5),
    TINTS("Lighter and darker", false, 12),
    ROLES("What each is for", false, 10),
    STANDINGS("What stands on what", true, 6),
    SHARES("How much of each", false, 8),
    CHARTS("Charts, in this order", false, 13),
    GROUNDS("Text over pictures", false, 14),
    LETTERS("Letters", true, 4),
    MOOD("Mood", true, 11),
    VOICE("How we sound", false, 7),
    ELEMENTS("Elements", false, 15),
    SITE("Page, heading, button and link", false, 16),
    SLOTS("Theme slots", true, 19),
    FILES("Where to get the files", false, 18),
    CONTACT("Whom to ask", false, 17);

    private final String title;
    private final boolean chapter;
    private final int importance;

    SectionKind(String title, boolean chapter, int importance) {
        this.title = title;
        this.chapter = chapter;
        this.importance = importance;
    }

    /** @return what it is called until somebody names it */
    public String usualTitle() {
        return title;
    }

    /** Whether others stand under it. */
    public boolean isChapter() {
        return chapter;
    }

    /** @return the ones that a guide on one page has first of all, first */
    public static List<SectionKind> byImportance() {
        return Arrays.stream(values())
                .sorted(Comparator.comparingInt(kind -> kind.importance))
                .toList();
    }

    /** @return in small letters with hyphens; part of addresses */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<SectionKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
    }
}
