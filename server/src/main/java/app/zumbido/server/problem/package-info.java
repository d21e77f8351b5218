/**
 * The one table from exceptions to problem details, and the checks of what comes in.
 */
@NullMarked
package app.zumbido.server.problem;

import org.jspecify.annotations.NullMarked;
