package app.zumbido.core.type;

/** What letters are for. A theme holds two fonts, so that the subheading's is carried by styles and layouts. */
public enum TypeRole {
    HEADING,
    SUBHEADING,
    BODY,
    /** The one that only the logo is set in. */
    LOGO
}
