package app.zumbido.core.logos;

/** A logo comes in several forms, the long one first. */
public enum LogoForm {
    PRIMARY,
    /** For narrow places. */
    SHORT,
    /** Round or square, often initials. */
    SUBMARK,
    /** Of a site or an app, readable at 16 pixels. */
    ICON
}
