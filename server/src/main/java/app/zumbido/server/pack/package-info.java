/**
 * Whole brands as one open package, out and in: for backup and for passing on. How a brand is kept is trail's; single files
 * that are handed over are delivery's.
 */
@NullMarked
package app.zumbido.server.pack;

import org.jspecify.annotations.NullMarked;
