/**
 * Manuals as PDF: their pages as pictures, the text on them and the colours that they are painted with. Which codes stand
 * in a text is core.color's.
 */
@NullMarked
package app.zumbido.formats.pdf;

import org.jspecify.annotations.NullMarked;
