/**
 * The data folder: database, blobs, type handlers, ids. Knows no feature.
 */
@NullMarked
package app.zumbido.server.storage;

import org.jspecify.annotations.NullMarked;
