/**
 * What the slides of a brand look like, whatever format they are written in: sizes, places, and the layouts as lists of what
 * stands on them.
 */
@NullMarked
package app.zumbido.formats.layouts;

import org.jspecify.annotations.NullMarked;
