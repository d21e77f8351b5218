/**
 * What each colour is for: rows and addresses.
 */
@NullMarked
package app.zumbido.server.roles;

import org.jspecify.annotations.NullMarked;
