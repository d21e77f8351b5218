package app.zumbido.core.extraction;

/**
 * The middle of a thin stroke on a ground.
 *
 * @param ground number of its plateau
 * @param around all that lies between the ground and the cells about it, summed: JPEG spreads the hue of a thin stroke
 *     over the square about it, but takes none of it away
 * @param light how far its light lies from that of the ground; of 255, never negative
 * @param shoulder share of that which is left one cell beside it
 */
record Ridge(int ground, Point around, double light, double shoulder) {
    /** @return what lies between the ground and the stroke, for each step of light; mostly about 1 in each channel */
    Point perLight() {
        return new Point(0, 0, 0).plus(around, 1 / Math.max(1e-6, Math.abs(around.light())));
    }
}
