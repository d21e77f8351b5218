package app.zumbido.core.guide.layout;

import app.zumbido.core.color.Rgb;

/**
 * What the pages of a guide are written and drawn in.
 *
 * @param page paper
 * @param quiet for captions; reads on the page
 * @param hairline for rules and outlines
 */
public record Inks(Rgb page, Rgb text, Rgb quiet, Rgb heading, Rgb subheading, Rgb link, Rgb hairline) {}
