/** The parts of a logo, the colours that they have on dark grounds, and where they read. Drawings and files live in formats.logos. */
@NullMarked
package app.zumbido.core.logos;

import org.jspecify.annotations.NullMarked;
