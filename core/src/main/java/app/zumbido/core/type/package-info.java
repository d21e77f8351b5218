/**
 * Font sets as values. Font files live in the module formats.
 */
@NullMarked
package app.zumbido.core.type;

import org.jspecify.annotations.NullMarked;
