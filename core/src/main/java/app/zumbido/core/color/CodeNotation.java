package app.zumbido.core.color;

/** How a colour is written in a text. */
public enum CodeNotation {
    HEX,
    RGB,
    HSL,
    LAB,
    LCH,
    OKLAB,
    OKLCH,
    CMYK,
    /** A colour name of CSS. */
    NAME
}
