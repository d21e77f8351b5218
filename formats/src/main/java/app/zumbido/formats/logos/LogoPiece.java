package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.Cutting;

/**
 * What of a logo hangs together: a letter, or a part of the symbol.
 *
 * @param box around it
 * @param group those with the same number stand together: a line of letters, the symbol; 0 is the first from the upper left
 */
public record LogoPiece(Rgb color, Cutting box, int group) {}
