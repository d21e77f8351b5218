package app.zumbido.server.trail.form;

/** The two fonts of a theme, by family name. */
record Fonts1(String heading, String body) {}
