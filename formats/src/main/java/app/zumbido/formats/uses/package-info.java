/**
 * What files with colours have in common: they are walked through use by use, and other colours are put at their spots.
 */
@NullMarked
package app.zumbido.formats.uses;

import org.jspecify.annotations.NullMarked;
