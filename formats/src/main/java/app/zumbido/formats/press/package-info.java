/**
 * What the press makes of a colour, through an ICC profile. How inks are written in text is core.color's.
 */
@NullMarked
package app.zumbido.formats.press;

import org.jspecify.annotations.NullMarked;
