/**
 * Office Open XML: theme parts, templates, EMU. What fills a theme slot is core.theme's.
 */
@NullMarked
package app.zumbido.formats.ooxml;

import org.jspecify.annotations.NullMarked;
