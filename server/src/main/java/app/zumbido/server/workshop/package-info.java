/**
 * Work on files of strangers that may take for ever or all of the memory: done by processes of their own, which have a
 * bounded heap, are watched, and are ended when it takes too long. Knows no feature.
 */
@NullMarked
package app.zumbido.server.workshop;

import org.jspecify.annotations.NullMarked;
