/** The style guide of a brand: what is decided about it, and its pages as they are drawn. */
@NullMarked
package app.zumbido.server.guide;

import org.jspecify.annotations.NullMarked;
