/**
 * The colours of a brand over the areas of a graphic: which area gets which, and what that costs. How graphics are read and
 * written lives in formats.recolor.
 */
@NullMarked
package app.zumbido.core.recolor;

import org.jspecify.annotations.NullMarked;
