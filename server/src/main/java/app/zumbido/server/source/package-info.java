/**
 * Pictures that colours come from, and what they propose. Reading a picture is core.extraction's.
 */
@NullMarked
package app.zumbido.server.source;

import org.jspecify.annotations.NullMarked;
