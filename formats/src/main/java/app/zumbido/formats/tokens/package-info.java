/**
 * Design tokens. Source: Design Tokens Format Module, report of the W3C Design Tokens Community Group.
 */
@NullMarked
package app.zumbido.formats.tokens;

import org.jspecify.annotations.NullMarked;
