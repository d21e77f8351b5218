package app.zumbido.core.type;

/** The two fonts that a theme holds. */
public record FontPair(FontFamily heading, FontFamily body) {}
