/**
 * The swatches over HTTP and in rows.
 */
@NullMarked
package app.zumbido.server.palette;

import org.jspecify.annotations.NullMarked;
