/**
 * Keeps a brand: applies changes, remembers every step, goes back and forth.
 */
@NullMarked
package app.zumbido.server.trail;

import org.jspecify.annotations.NullMarked;
