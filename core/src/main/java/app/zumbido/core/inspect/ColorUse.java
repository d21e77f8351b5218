package app.zumbido.core.inspect;

/** What a colour of a finished file is used for. */
public enum ColorUse {
    TEXT,
    /** Behind text, or behind everything. */
    GROUND,
    BORDER,
    /** Shapes, series of a chart, icons: what is looked at and not read. */
    GRAPHIC
}
