package app.zumbido.core.inspect.check;

/** What can be off in a file, in the order in which it is told. */
public enum FaultKind {
    /** Set by hand although a slot of the theme has it. */
    BY_HAND,
    NEAR_BRAND,
    OUTSIDE,
    OFF_LIMITS,
    /** Cannot be read where it stands. */
    CONTRAST,
    HIGHLIGHT,
    HIERARCHY,
    TOO_MANY,
    TOO_FEW,
    CLASH,
    CHART_ORDER,
    CHART_ALIKE,
    TINTS_FIRST,
    FONT_OUTSIDE,
    FONT_MISSING,
    SIZE,
    LOGO_MISSING,
    LOGO_STRETCHED,
    LOGO_GROUND;

    /** Whether it needs judgement and may well be meant. */
    public boolean isPerhaps() {
        return this == HIGHLIGHT || this == HIERARCHY || this == TOO_MANY || this == TOO_FEW;
    }
}
