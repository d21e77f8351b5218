/**
 * Graphics that take a brand's colours: what in them has which colour, and the same graphic with others. Which colours those
 * are is decided in core.recolor.
 */
@NullMarked
package app.zumbido.formats.recolor;

import org.jspecify.annotations.NullMarked;
