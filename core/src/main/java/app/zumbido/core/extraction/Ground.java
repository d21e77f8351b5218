package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;

/** Finds what a picture stands on: whatever runs along most of its edge. */
final class Ground {
    /** Share of the edge that the ground must fill; a motif may touch one side. */
    private static final double MOSTLY = 0.6;

    static final int TRANSPARENT = -1;
    static final int NONE = -2;

    private Ground() {}

    /** @return index of the ground's colour, {@link #TRANSPARENT} or {@link #NONE} */
    static int find(Pixels pixels, Labels labels, int colors) {
        int[] along = new int[colors + 1];
        int edge = 0;
        for (int x = 0; x < pixels.width(); x++) {
            along[labels.at(x, 0) + 1]++;
            along[labels.at(x, pixels.height() - 1) + 1]++;
            edge += 2;
        }
        for (int y = 1; y < pixels.height() - 1; y++) {
            along[labels.at(0, y) + 1]++;
            along[labels.at(pixels.width() - 1, y) + 1]++;
            edge += 2;
        }
        int most = 0;
        for (int i = 1; i < along.length; i++) {
            most = along[i] > along[most] ? i : most;
        }
        return along[most] >= edge * MOSTLY ? most - 1 : NONE;
    }
}
