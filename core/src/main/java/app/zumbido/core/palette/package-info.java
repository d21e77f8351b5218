/**
 * Swatches, their order and their names. What a swatch is for lives in theme.
 */
@NullMarked
package app.zumbido.core.palette;

import org.jspecify.annotations.NullMarked;
