/** Faces that ship or that somebody gave, how a brand is set in them, and what stands in for them. */
@NullMarked
package app.zumbido.server.type;

import org.jspecify.annotations.NullMarked;
