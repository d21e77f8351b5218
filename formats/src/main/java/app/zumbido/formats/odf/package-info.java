/**
 * OpenDocument files. Source: OASIS Open Document Format for Office Applications 1.3.
 */
@NullMarked
package app.zumbido.formats.odf;

import org.jspecify.annotations.NullMarked;
