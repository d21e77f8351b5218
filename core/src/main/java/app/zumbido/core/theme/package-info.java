/**
 * Theme slots and what fills them. Names of file formats live in formats.ooxml.
 */
@NullMarked
package app.zumbido.core.theme;

import org.jspecify.annotations.NullMarked;
