/**
 * Font files and those that ship: what a file says of itself, how large its letters are, their outlines. How faces are
 * compared is core.type's.
 */
@NullMarked
package app.zumbido.formats.fonts;

import org.jspecify.annotations.NullMarked;
