/** What to look at before a brand is handed over, and what has to be redone by hand where it was set up before. */
@NullMarked
package app.zumbido.core.handover;

import org.jspecify.annotations.NullMarked;
