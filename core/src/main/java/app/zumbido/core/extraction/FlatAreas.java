package app.zumbido.core.extraction;

import app.zumbido.core.image.Pixels;

/**
 * Where a picture is exactly flat. A smoothed edge is one pixel wide and changes along its way, so it hardly ever fills
 * a 2 x 2 block with one value; the strokes of a logo do.
 *
 * @param inBlocks per colour: opaque pixels that stand in some 2 x 2 block of that colour
 * @param pixelsInBlocks the same over all colours
 * @param opaque opaque pixels in all
 */
record FlatAreas(ColorCounts inBlocks, long pixelsInBlocks, long opaque) {
    static FlatAreas of(Pixels pixels) {
        ColorCounts inBlocks = new ColorCounts();
        long inside = 0;
        long opaque = 0;
        for (int y = 0; y < pixels.height(); y++) {
            // Flat colours come in runs, and a run is looked up once.
            int run = 0;
            int runColor = 0;
            for (int x = 0; x < pixels.width(); x++) {
                int argb = pixels.at(x, y);
                if (!Alpha.opaque(argb)) {
                    continue;
                }
                opaque++;
                if (inBlock(pixels, x, y, argb)) {
                    if (argb != runColor) {
                        addRun(inBlocks, runColor, run);
                        runColor = argb;
                        run = 0;
                    }
                    run++;
                    inside++;
                }
            }
            addRun(inBlocks, runColor, run);
        }
        return new FlatAreas(inBlocks, inside, opaque);
    }

    private static void addRun(ColorCounts counts, int argb, int length) {
        if (length > 0) {
            counts.add(argb & 0xFFFFFF, length);
        }
    }

    private static boolean inBlock(Pixels pixels, int x, int y, int argb) {
        boolean left = x > 0 && pixels.at(x - 1, y) == argb;
        boolean right = x + 1 < pixels.width() && pixels.at(x + 1, y) == argb;
        return (left || right)
                && (besides(pixels, x, y - 1, argb, left, right) || besides(pixels, x, y + 1, argb, left, right));
    }

    private static boolean besides(Pixels pixels, int x, int y, int argb, boolean left, boolean right) {
        return y >= 0
                && y < pixels.height()
                && pixels.at(x, y) == argb
                && (left && pixels.at(x - 1, y) == argb || right && pixels.at(x + 1, y) == argb);
    }

    /** @return 0 to 1: how much of what is opaque is flat */
    double share() {
        return opaque == 0 ? 0 : (double) pixelsInBlocks / opaque;
    }
}
