package app.zumbido.core.logos;

/** What a form looks like on which grounds. */
public enum LogoVersion {
    /** As it was drawn. */
    LIGHT,
    DARK,
    /** All of it in one dark colour. */
    ONE_DARK,
    /** All of it in one light colour. */
    ONE_LIGHT
}
