/**
 * Presentations, documents and workbooks that exist: what is in them, what they look like, and the same file changed. What
 * their parts mean lives in ooxml and odf.
 */
@NullMarked
package app.zumbido.formats.existing;

import org.jspecify.annotations.NullMarked;
