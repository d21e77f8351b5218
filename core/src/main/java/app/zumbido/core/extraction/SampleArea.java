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

    /** Side of what a magnifier shows of a picture; pixels. */
    private static final int MAGNIFIED = 13;
    /** What it shows of the picture around a square that is larger than that; pixels on each side. */
    private static final int AROUND = 5;

    private final int across;

    SampleArea(int across) {
        this.across = across;
    }

    /** @return side of the square in pixels, odd */
    public int across() {
        return across;
    }

    /** @return side of what a magnifier shows with the square whole in it; pixels, odd */
    public int magnified() {
        return across < MAGNIFIED ? MAGNIFIED : across + 2 * AROUND;
    }

    /** @param across side of the square in pixels */
    public static Optional<SampleArea> of(int across) {
        return Arrays.stream(values()).filter(area -> area.across == across).findFirst();
    }
}
