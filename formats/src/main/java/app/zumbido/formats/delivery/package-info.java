/**
 * What is handed over, as one shape for every kind of file. The writers stand in the rooms of their formats; who lists them
 * is the server.
 */
@NullMarked
package app.zumbido.formats.delivery;

import org.jspecify.annotations.NullMarked;
