/**
 * Colour spaces, difference, contrast ratio and codes as text. What a colour is for lives in the rooms to the right.
 */
@NullMarked
package app.zumbido.core.color;

import org.jspecify.annotations.NullMarked;
