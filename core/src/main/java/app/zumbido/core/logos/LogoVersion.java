package app.zumbido.core.logos;

/** What of a form stands on which grounds, in the order in which they are tried. */
public enum LogoVersion {
    /** As it is, for light grounds. */
    LIGHT,
    /** For dark grounds. */
    DARK,
    /** In one dark colour. */
    ONE_DARK,
    /** In one light colour. */
    ONE_LIGHT
}
