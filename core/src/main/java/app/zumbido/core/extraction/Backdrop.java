package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;

/** What a picture stands on: whatever runs along most of its edge. */
sealed interface Backdrop {
    /** Share of the edge that it must fill; a motif may touch one side. */
    double MOSTLY = 0.6;

    /** @param color index of one of the picture's colours */
    record OfColor(int color) implements Backdrop {}

    record Transparent() implements Backdrop {}

    /** The picture is a whole. */
    record None() implements Backdrop {}

    default boolean is(int color) {
        return this instanceof OfColor found && found.color() == color;
    }

    /** @param colors how many the picture has */
    static Backdrop find(Pixels pixels, Labels labels, int colors) {
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
        if (along[most] < edge * MOSTLY) {
            return new None();
        }
        return most == 0 ? new Transparent() : new OfColor(most - 1);
    }
}
