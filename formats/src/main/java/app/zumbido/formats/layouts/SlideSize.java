package app.zumbido.formats.layouts;

/**
 * How large slides are. Both are as high and letters are as large on both; what stands on them is laid out for each, never
 * squeezed. Lengths in English Metric Units, 914,400 to the inch.
 */
public enum SlideSize {
    WIDE("wide", "16x9", 12_192_000, 812_800),
    STANDARD("standard", "4x3", 9_144_000, 609_600);

    public static final long HEIGHT = 6_858_000;

    private final String kind;
    private final String said;
    private final long width;
    private final long margin;

    SlideSize(String kind, String said, long width, long margin) {
        this.kind = kind;
        this.said = said;
        this.width = width;
        this.margin = margin;
    }

    public String kind() {
        return kind;
    }

    /** @return as it stands in the name of a file: applying the wrong one spoils graphics */
    public String said() {
        return said;
    }

    public long width() {
        return width;
    }

    /** @return left and right of what is written */
    long margin() {
        return margin;
    }

    /** @return between the margins */
    long measure() {
        return width - 2 * margin;
    }

    Box all() {
        return new Box(0, 0, width, HEIGHT);
    }
}
