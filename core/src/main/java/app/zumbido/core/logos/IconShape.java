package app.zumbido.core.logos;

/** What an icon stands on. */
public enum IconShape {
    ROUND,
    ROUNDED,
    SQUARE
}
