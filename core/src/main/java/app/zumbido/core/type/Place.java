package app.zumbido.core.type;

/** Where letters are seen by others, on computers that may lack the font. */
public enum Place {
    SLIDES,
    LETTERS,
    MAIL,
    SITE
}
