/**
 * Stylesheets written for other places. The page's own style is web's.
 */
@NullMarked
package app.zumbido.formats.css;

import org.jspecify.annotations.NullMarked;
