/**
 * Draws the laid-out style guide: as PDF for the screen and for the press, as pictures, as a page for the web and as slides.
 * Where everything stands is decided in {@code core.guide.layout}; here it is only drawn, from the same list of marks.
 */
@NullMarked
package app.zumbido.formats.guide;

import org.jspecify.annotations.NullMarked;
