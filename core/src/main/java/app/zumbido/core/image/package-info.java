/**
 * A grid of samples, whatever file it came from. File formats live in the module formats.
 */
@NullMarked
package app.zumbido.core.image;

import org.jspecify.annotations.NullMarked;
