package app.zumbido.core.logos;

/** The forms that a logo comes in, those that others are made from first. */
public enum LogoForm {
    /** The long one. */
    PRIMARY,
    /** For narrow places. */
    SHORT,
    /** Round or square, often only the symbol. */
    SUBMARK,
    /** For sites and apps, readable at 16 pixels. */
    ICON
}
