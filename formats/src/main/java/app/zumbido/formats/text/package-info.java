/**
 * Codes as plain text, for people and for every place that takes nothing else.
 */
@NullMarked
package app.zumbido.formats.text;

import org.jspecify.annotations.NullMarked;
