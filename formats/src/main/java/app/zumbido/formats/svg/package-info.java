/**
 * SVG to pixels, with the colours that the file itself names. Nothing outside the file is ever read.
 */
@NullMarked
package app.zumbido.formats.svg;

import org.jspecify.annotations.NullMarked;
