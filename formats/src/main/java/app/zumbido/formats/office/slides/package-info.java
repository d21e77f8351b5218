/** Presentation templates and presentations that are made of them. */
@NullMarked
package app.zumbido.formats.office.slides;

import org.jspecify.annotations.NullMarked;
