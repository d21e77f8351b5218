/** Forms of a logo, the colours that it has on dark grounds, and where it reads. Drawings and files live in formats.logos. */
@NullMarked
package app.zumbido.core.logos;

import org.jspecify.annotations.NullMarked;
