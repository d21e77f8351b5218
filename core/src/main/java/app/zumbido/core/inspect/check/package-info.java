/**
 * What is off in a finished file, and how each fault is mended. Putting the mending into a file lives in formats.
 */
@NullMarked
package app.zumbido.core.inspect.check;

import org.jspecify.annotations.NullMarked;
