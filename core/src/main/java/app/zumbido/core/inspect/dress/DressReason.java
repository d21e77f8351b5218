package app.zumbido.core.inspect.dress;

/** Why a colour becomes the slot that it becomes. */
public enum DressReason {
    /** Somebody has said so. */
    CHOSEN,
    /** The brand has the very colour, or one that cannot be told from it. */
    SAME,
    /** The file has it through its theme, and the slot stays. */
    THEME,
    PAGE,
    TITLE_GROUND,
    TITLE,
    SUBTITLE,
    TEXT,
    /** Greyer than the usual text. */
    QUIET_TEXT,
    TEXT_ON_DARK,
    /** Words in a colour that stands out. */
    EMPHASIS,
    LINK,
    /** Raises one thing. */
    BOX_THAT_MATTERS,
    BOX,
    TABLE_HEAD,
    BAND,
    /** By its place among the series of charts. */
    SERIES,
    SHAPE,
    LINE,
    /** It does nothing that the brand has a colour for. */
    NEAREST
}
