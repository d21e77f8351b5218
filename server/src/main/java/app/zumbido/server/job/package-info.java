/**
 * Work that takes long: it is taken on at once, tells how far it is, can be stopped, and ends in a file. What the work is
 * the features know.
 */
@NullMarked
package app.zumbido.server.job;

import org.jspecify.annotations.NullMarked;
