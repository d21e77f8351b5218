/**
 * All brands and the brand as a whole. How a change is kept is trail's.
 */
@NullMarked
package app.zumbido.server.shelf;

import org.jspecify.annotations.NullMarked;
