/**
 * Office files that are made: what slides, documents and workbooks have in common. Parts are written as text and packed as they
 * are; what exists is read in {@code ooxml}.
 */
@NullMarked
package app.zumbido.formats.office;

import org.jspecify.annotations.NullMarked;
