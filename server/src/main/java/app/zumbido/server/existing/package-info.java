/**
 * Presentations, documents and workbooks that exist: they stand beside a brand, are dressed in it and checked against it.
 */
@NullMarked
package app.zumbido.server.existing;

import org.jspecify.annotations.NullMarked;
