/** Colours to look at and to paste: sheets of swatches, backgrounds to lie under text, and lines for mail and site builders. */
@NullMarked
package app.zumbido.formats.swatches;

import org.jspecify.annotations.NullMarked;
