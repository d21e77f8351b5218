/**
 * Who may talk to this server at all.
 */
@NullMarked
package app.zumbido.server.guard;

import org.jspecify.annotations.NullMarked;
