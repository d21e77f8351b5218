/**
 * Copies of everything, made while the server runs and put back when it does not; and one before the form of the database
 * changes. Knows no feature.
 */
@NullMarked
package app.zumbido.server.backup;

import org.jspecify.annotations.NullMarked;
