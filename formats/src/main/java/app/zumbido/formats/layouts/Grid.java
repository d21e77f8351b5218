package app.zumbido.formats.layouts;

import app.zumbido.core.logos.Corner;

/**
 * Where things stand on the slides of a template. Heights are in inches from above.
 *
 * @param corner of the small logo
 */
public record Grid(SlideSize size, Corner corner) {
    private static final long LOGO_WIDTH = Box.units(1.15);
    private static final double LOGO_HEIGHT = 0.5;
    /** Between the logo and what stands beside it. */
    static final long BESIDE_LOGO = Box.units(1.4);

    private static final double FOOT = 6.62;
    private static final double FOOT_HEIGHT = 0.32;
    private static final long NUMBER_WIDTH = Box.units(0.5);
    private static final long DATE_WIDTH = Box.units(1.7);
    private static final double UPPER_LOGO = 0.42;
    /** Room for two lines of the usual size. */
    private static final double TITLE_TOP = 0.28;

    private static final double TITLE_HEIGHT = 1.16;
    private static final double BELOW_TITLE = 1.54;
    private static final double BODY_END = 6.3;
    /** Where a picture ends that leaves a strip for logo and number. */
    private static final double STRIP = 6.35;

    private static final long BETWEEN_COLUMNS = Box.units(0.4);

    boolean isLeft() {
        return corner == Corner.UPPER_LEFT || corner == Corner.LOWER_LEFT;
    }

    boolean isUpper() {
        return corner == Corner.UPPER_LEFT || corner == Corner.UPPER_RIGHT;
    }

    Grid lower() {
        return new Grid(size, isLeft() ? Corner.LOWER_LEFT : Corner.LOWER_RIGHT);
    }

    /** @param height in inches @return all the width between the margins */
    Box row(double y, double height) {
        return Box.of(size.margin(), y, size.measure(), height);
    }

    Box logo(double ratio) {
        long x = isLeft() ? size.margin() : size.width() - size.margin() - LOGO_WIDTH;
        return Box.of(x, isUpper() ? UPPER_LOGO : FOOT - (LOGO_HEIGHT - FOOT_HEIGHT), LOGO_WIDTH, LOGO_HEIGHT)
                .fitting(ratio, !isLeft());
    }

    private Box besideLogo(Box row) {
        return isLeft() ? row.right(BESIDE_LOGO) : row.narrower(BESIDE_LOGO);
    }

    Box title() {
        Box row = row(TITLE_TOP, TITLE_HEIGHT);
        return isUpper() ? besideLogo(row) : row;
    }

    /** The rule beneath the title. */
    Box rule() {
        return Box.of(title().x(), BELOW_TITLE, Box.units(0.95), 0.08);
    }

    Box subheading() {
        return row(1.86, 0.46);
    }

    /** Beneath a subheading. */
    Box body() {
        return row(2.5, BODY_END - 2.5);
    }

    /** Beneath the rule. */
    public Box below() {
        return row(1.9, BODY_END - 1.9);
    }

    Box half(Box row, boolean right) {
        long width = (row.width() - BETWEEN_COLUMNS) / 2;
        return new Box(right ? row.rightEdge() - width : row.x(), row.y(), width, row.height());
    }

    /** Beside its text on wide slides, on the side away from the logo; above it on narrow ones. */
    public Box picture() {
        if (size == SlideSize.STANDARD) {
            return Box.of(0, 0, size.width(), 4);
        }
        long width = size.width() * 59 / 100;
        return new Box(isLeft() ? size.width() - width : 0, 0, width, SlideSize.HEIGHT);
    }

    public Box pictureUnderText() {
        return Box.of(0, 0, size.width(), STRIP);
    }

    private Box foot() {
        Box row = row(FOOT, FOOT_HEIGHT);
        return isUpper() ? row : besideLogo(row);
    }

    Box number() {
        Box foot = foot();
        return new Box(foot.x(), foot.y(), NUMBER_WIDTH, foot.height());
    }

    Box footer() {
        return foot().right(NUMBER_WIDTH).narrower(DATE_WIDTH + NUMBER_WIDTH / 5);
    }

    Box date() {
        Box foot = foot();
        return new Box(foot.rightEdge() - DATE_WIDTH, foot.y(), DATE_WIDTH, foot.height());
    }
}
