/**
 * Files that colours are listed in, of whatever kind: told apart here, read by the rooms of their formats.
 */
@NullMarked
package app.zumbido.formats.listing;

import org.jspecify.annotations.NullMarked;
