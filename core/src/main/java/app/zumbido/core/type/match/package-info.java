/** Which face a drawn word is set in: letters taken out of a picture, compared by shape. Who draws letters is asked for them. */
@NullMarked
package app.zumbido.core.type.match;

import org.jspecify.annotations.NullMarked;
