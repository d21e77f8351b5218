/**
 * What each colour of a brand is for, and what must never be used.
 */
@NullMarked
package app.zumbido.core.roles;

import org.jspecify.annotations.NullMarked;
