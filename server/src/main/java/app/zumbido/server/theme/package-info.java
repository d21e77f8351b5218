/**
 * The twelve slots over HTTP and in rows. What fills them best is core.theme's.
 */
@NullMarked
package app.zumbido.server.theme;

import org.jspecify.annotations.NullMarked;
