package app.zumbido.core.extraction;

/** Which pixels count. A smoothed edge towards nothing is half transparent and says nothing exact. */
final class Alpha {
    /** From here a pixel belongs to the picture; 0 to 255. */
    private static final int SEEN = 128;

    private Alpha() {}

    static boolean opaque(int argb) {
        return argb >>> 24 == 255;
    }

    static boolean seen(int argb) {
        return argb >>> 24 >= SEEN;
    }
}
