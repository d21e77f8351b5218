/**
 * What may stand on which ground, over HTTP.
 */
@NullMarked
package app.zumbido.server.contrast;

import org.jspecify.annotations.NullMarked;
