/**
 * How brands and notes are written on the trail and in packages: the one owner of the stored form. Every record carries the
 * number of the version that its shape came with and never changes again; what changes gets a new record, and the older
 * version says how it becomes the next. Names of core mean nothing here, so renaming in core breaks no stored brand.
 */
@NullMarked
package app.zumbido.server.trail.form;

import org.jspecify.annotations.NullMarked;
