package app.zumbido.core.extraction;

/** How a picture is read: flat areas with exact values, or noise around colours that stand out. */
public enum Reading {
    ARTWORK,
    PHOTOGRAPH
}
