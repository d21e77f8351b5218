/** What a brand says in its style guide: the words and numbers of every section, made from a look. */
@NullMarked
package app.zumbido.core.brand.guide;

import org.jspecify.annotations.NullMarked;
