/** Workbook templates. Source: ECMA-376 Part 1, 18. */
@NullMarked
package app.zumbido.formats.office.sheets;

import org.jspecify.annotations.NullMarked;
