/**
 * The brand as one immutable value and the changes that lead from one to the next. Storing it is the server's.
 */
@NullMarked
package app.zumbido.core.brand;

import org.jspecify.annotations.NullMarked;
