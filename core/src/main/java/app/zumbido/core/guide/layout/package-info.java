/**
 * Lays the blocks of a guide out on pages: every text, colour and picture in a box of its own, with what it is. Lengths are
 * points, from the upper left corner downwards. Nothing is drawn here.
 */
@NullMarked
package app.zumbido.core.guide.layout;

import org.jspecify.annotations.NullMarked;
