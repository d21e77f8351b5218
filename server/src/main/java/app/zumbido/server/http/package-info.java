/**
 * How requests are read and refused: names, codes of colours, entity tags, problem details. Knows no feature; each brings the
 * problems of its own.
 */
@NullMarked
package app.zumbido.server.http;

import org.jspecify.annotations.NullMarked;
