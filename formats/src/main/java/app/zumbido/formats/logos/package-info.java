/** Logos as painted shapes: taken out of drawings and pictures, made into other versions, written again. */
@NullMarked
package app.zumbido.formats.logos;

import org.jspecify.annotations.NullMarked;
