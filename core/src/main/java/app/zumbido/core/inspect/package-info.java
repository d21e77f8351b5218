/**
 * Uses of colour in a finished file as neutral values. Reading the files lives in formats.
 */
@NullMarked
package app.zumbido.core.inspect;

import org.jspecify.annotations.NullMarked;
