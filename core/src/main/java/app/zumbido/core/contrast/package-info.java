/**
 * What may stand on which ground. The ratio itself and its thresholds live in color.
 */
@NullMarked
package app.zumbido.core.contrast;

import org.jspecify.annotations.NullMarked;
