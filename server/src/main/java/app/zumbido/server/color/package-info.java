/**
 * Facts about one colour and about two, over HTTP; needs no brand.
 */
@NullMarked
package app.zumbido.server.color;

import org.jspecify.annotations.NullMarked;
