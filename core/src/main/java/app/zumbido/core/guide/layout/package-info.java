/**
 * Lays the blocks of a guide out on pages: every text, colour and picture in a box of its own, with what it is. Lengths are
 * points, from the upper left corner downwards. Nothing is drawn here.
 *
 * <p>Numbers without a unit are shares of a width or height, or sizes of running text; how large things are and how far apart is
 * set by eye, where no source is named.
 */
@NullMarked
package app.zumbido.core.guide.layout;

import org.jspecify.annotations.NullMarked;
