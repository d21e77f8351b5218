package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;

/**
 * A colour that stands on another in a finished file.
 *
 * @param count how often; runs of text, cells or rules, as the kind of file has them
 */
public record Combination(Rgb foreground, Rgb background, int count) {}
