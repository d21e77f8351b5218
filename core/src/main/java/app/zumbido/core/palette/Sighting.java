package app.zumbido.core.palette;

/** One more place where the colour of a swatch stands. */
public record Sighting(SwatchId swatch, Origin origin) {}
