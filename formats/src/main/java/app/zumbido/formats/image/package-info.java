/**
 * Bitmap files to pixels and back, with their limits. What is in a picture is core.extraction's.
 */
@NullMarked
package app.zumbido.formats.image;

import org.jspecify.annotations.NullMarked;
