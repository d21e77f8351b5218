/**
 * The style guide: what somebody has decided about it, its sealed blocks, and in {@code layout} how they are laid out into
 * positioned boxes. What a brand says in it is put together in {@code core.brand.guide}. It knows no file format.
 */
@NullMarked
package app.zumbido.core.guide;

import org.jspecify.annotations.NullMarked;
