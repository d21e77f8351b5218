/** The logo in all its forms, the grounds that it stands on, and what else belongs to a brand. */
@NullMarked
package app.zumbido.server.logos;

import org.jspecify.annotations.NullMarked;
