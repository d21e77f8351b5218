/**
 * Files that are handed over. How they are written is formats'.
 */
@NullMarked
package app.zumbido.server.delivery;

import org.jspecify.annotations.NullMarked;
