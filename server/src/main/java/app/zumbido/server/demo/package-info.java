/**
 * Invented brands to try everything with.
 */
@NullMarked
package app.zumbido.server.demo;

import org.jspecify.annotations.NullMarked;
