/**
 * SVG to pictures. Only drawings of our own so far; uploads are not read as SVG.
 */
@NullMarked
package app.zumbido.formats.svg;

import org.jspecify.annotations.NullMarked;
