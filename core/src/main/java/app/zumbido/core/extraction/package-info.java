/**
 * Pixels to proposals. Which of them a brand takes is decided in brand.
 */
@NullMarked
package app.zumbido.core.extraction;

import org.jspecify.annotations.NullMarked;
