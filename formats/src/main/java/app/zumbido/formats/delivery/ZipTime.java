package app.zumbido.formats.delivery;

import java.time.LocalDateTime;

/** When everything in a zip was made, so that the same content makes the same bytes wherever it is packed. */
public final class ZipTime {
    /** The first day would be written with a field that readers of OpenDocument refuse. */
    public static final LocalDateTime FIXED = LocalDateTime.of(1980, 2, 1, 0, 0);

    private ZipTime() {}
}
