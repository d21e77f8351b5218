/**
 * Stylesheets and saved pages: written for other places, and read for their colours. The page's own style is web's.
 */
@NullMarked
package app.zumbido.formats.css;

import org.jspecify.annotations.NullMarked;
