/** Document templates and documents that are made of them. Source: ECMA-376 Part 1, 17. */
@NullMarked
package app.zumbido.formats.office.pages;

import org.jspecify.annotations.NullMarked;
