package app.zumbido.core.extraction;

import java.util.Arrays;
import java.util.Optional;

/** The square of pixels that a sample averages. */
public enum SampleArea {
    ONE(1),
    THREE(3),
    SEVEN(7),
    FIFTEEN(15),
    THIRTY_ONE(31);

    private final int across;

    SampleArea(int across) {
        this.across = across;
    }

    /** @return side of the square in pixels, odd */
    public int across() {
        return across;
    }

    /** @param across side of the square in pixels */
    public static Optional<SampleArea> of(int across) {
        return Arrays.stream(values()).filter(area -> area.across == across).findFirst();
    }
}
