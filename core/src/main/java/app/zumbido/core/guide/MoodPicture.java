package app.zumbido.core.guide;

import java.util.UUID;

/**
 * A picture that carries the feeling of a brand, whole or cropped.
 *
 * @param source id of a picture on the brand's sheet
 * @param crop what of it is seen
 * @param share how wide it is where the pictures are arranged by hand
 */
public record MoodPicture(UUID source, Crop crop, Share share) {
    /** Part of a picture, in shares of its width and height. */
    public record Crop(double x, double y, double width, double height) {
        public static final Crop WHOLE = new Crop(0, 0, 1, 1);
        private static final double LEAST = 0.02;
        /** What rounding of sums may make of 1. */
        private static final double EDGE = 1 + 1e-9;

        public Crop {
            if (!(x >= 0 && y >= 0 && width >= LEAST && height >= LEAST && x + width <= EDGE && y + height <= EDGE)) {
                throw new IllegalArgumentException("A crop lies within its picture and shows something of it");
            }
        }
    }
}
