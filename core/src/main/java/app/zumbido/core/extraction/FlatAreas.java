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
            for (int x = 0; x < pixels.width(); x++) {
                int argb = pixels.at(x, y);
                if (!Alpha.opaque(argb)) {
                    continue;
                }
                opaque++;
                if (inBlock(pixels, x, y, argb)) {
                    inBlocks.add(argb & 0xFFFFFF, 1);
                    inside++;
                }
            }
        }
        return new FlatAreas(inBlocks, inside, opaque);
    }

    private static boolean inBlock(Pixels pixels, int x, int y, int argb) {
        return block(pixels, x, y, 1, 1, argb)
                || block(pixels, x, y, -1, 1, argb)
                || block(pixels, x, y, 1, -1, argb)
                || block(pixels, x, y, -1, -1, argb);
    }

    private static boolean block(Pixels pixels, int x, int y, int dx, int dy, int argb) {
        return pixels.contains(x + dx, y + dy)
                && pixels.at(x + dx, y) == argb
                && pixels.at(x, y + dy) == argb
                && pixels.at(x + dx, y + dy) == argb;
    }

    /** @return 0 to 1: how much of what is opaque is flat */
    double share() {
        return opaque == 0 ? 0 : (double) pixelsInBlocks / opaque;
    }
}
