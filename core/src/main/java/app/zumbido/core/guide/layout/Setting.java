package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.type.TypeRole;

/**
 * How everything on a sheet is set: sizes and gaps grow with the sheet.
 *
 * @param width of what blocks may fill, in points
 * @param height of what one page has for them; infinite on a board
 * @param base size of running text, in points
 * @param gap between blocks, in points
 * @param density how much stands in how little room
 */
record Setting(double width, double height, double base, double gap, Density density, Inks inks, Measurer measurer) {
    /** Points; on paper that is read at arm's length, on slides from afar. */
    private static final double ON_PAPER = 9.5;

    private static final double ON_SLIDES = 15;
    /** Of slides of a template, whose titles take their part of the height. */
    static final double ON_TEMPLATES = 13;

    /** Of a board there are so many widths of text; set by eye. */
    private static final double ON_BOARDS = 1 / 62.0;

    private static final double LEAST_ON_BOARDS = 9;
    private static final double MOST_ON_BOARDS = 18;
    /** So much smaller on a guide of one page. */
    private static final double ON_ONE_PAGE = 0.8;
    /** One slide that holds a whole guide is read at a desk. */
    private static final double ON_ONE_SLIDE = 0.56;

    private static final double TIGHTER = 0.72;
    private static final double HEADING = 2.4;
    private static final double COMPACT_HEADING = 1.6;
    static final double SUBTITLE = 1.2;
    static final double LEAD = 1.15;
    static final double SMALL = 0.79;
    private static final double TIGHT_LINE = 1.18;
    private static final double LOOSE_LINE = 1.4;

    /** How much stands in how little room. */
    enum Density {
        USUAL,
        /** Where it saves a page. */
        TIGHT,
        /** On a guide of one page. */
        COMPACT
    }

    /** @return one of three, by how much has to stand in little room */
    <T> T by(T usual, T tight, T compact) {
        return switch (density) {
            case USUAL -> usual;
            case TIGHT -> tight;
            case COMPACT -> compact;
        };
    }

    static double base(Sheet sheet, boolean onePage) {
        double base = switch (sheet.format()) {
            case A4, LETTER -> ON_PAPER;
            case SLIDE -> ON_SLIDES;
            case BOARD -> Math.max(LEAST_ON_BOARDS, Math.min(MOST_ON_BOARDS, sheet.width() * ON_BOARDS));
        };
        if (!onePage) {
            return base;
        }
        return base * (sheet.format() == SheetFormat.SLIDE ? ON_ONE_SLIDE : ON_ONE_PAGE);
    }

    /** @return of a page, on every side, in points */
    static double margin(Sheet sheet, boolean onePage) {
        double side = Math.min(sheet.width(), sheet.format() == SheetFormat.BOARD ? sheet.width() : sheet.height());
        double share = onePage ? 0.055 : 0.08;
        return side * share * (0.5 + sheet.spacing().factor() / 2);
    }

    static double gap(double base, Spacing spacing, boolean onePage) {
        return base * (onePage ? 0.75 : 1.1) * spacing.factor();
    }

    /** The same in a narrower place. */
    Setting within(double other) {
        return new Setting(other, height, base, gap, density, inks, measurer);
    }

    /** The same with less room between things, and smaller pictures. */
    Setting tighter() {
        return new Setting(width, height, base, gap * TIGHTER, Density.TIGHT, inks, measurer);
    }

    /** @return of the title of a chapter */
    Lettered title() {
        return heading(density == Density.COMPACT ? COMPACT_HEADING : HEADING);
    }

    Lettered heading(double times) {
        return new Lettered(TypeRole.HEADING, true, base * times);
    }

    Lettered subheading(double times) {
        return new Lettered(TypeRole.SUBHEADING, true, base * times);
    }

    Lettered body() {
        return new Lettered(TypeRole.BODY, false, base);
    }

    Lettered strong() {
        return new Lettered(TypeRole.BODY, true, base);
    }

    Lettered small() {
        return new Lettered(TypeRole.BODY, false, base * SMALL);
    }

    Lettered smallStrong() {
        return new Lettered(TypeRole.BODY, true, base * SMALL);
    }

    /** @return from one baseline to the next */
    static double line(Lettered style) {
        return style.size() * (style.role() == TypeRole.BODY ? LOOSE_LINE : TIGHT_LINE);
    }

    /** @return between tickets and pictures that stand beside each other */
    double seam() {
        return base * 0.6;
    }

    double hair() {
        return Math.max(0.4, base / 18);
    }
}
