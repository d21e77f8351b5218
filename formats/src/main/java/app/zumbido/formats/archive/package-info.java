/**
 * Zip files and the XML in them, as they come from outside: read under limits. What the parts mean lives in ooxml and odf.
 */
@NullMarked
package app.zumbido.formats.archive;

import org.jspecify.annotations.NullMarked;
