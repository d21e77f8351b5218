/** What can be handed over, all together: the list of it, and the parcel that is made of what somebody chooses. */
@NullMarked
package app.zumbido.formats.parcel;

import org.jspecify.annotations.NullMarked;
