/**
 * Putting a brand on a finished file: which slot each of its colours becomes, and why. Writing it into the file lives in
 * formats.
 */
@NullMarked
package app.zumbido.core.inspect.dress;

import org.jspecify.annotations.NullMarked;
