/** Outlines as text. Whole drawings live in svg. */
@NullMarked
package app.zumbido.formats.paths;

import org.jspecify.annotations.NullMarked;
