package app.zumbido.formats.known;

import app.zumbido.core.color.Rgb;

/**
 * A colour that a picture was made with.
 *
 * @param share of the picture, 0 to 1
 */
public record KnownColor(Rgb color, Part part, double share) {
    /** What the colour is in the picture. */
    public enum Part {
        GROUND,
        FLAT,
        /** One of two that lie about ΔE00 8 apart. */
        CLOSE,
        /** Lettering so thin that hardly a pixel is all of it. */
        THIN,
        STOP,
        CHIP,
        /** A large area of a scene without much colour. */
        NEUTRAL,
        /** Anything else in a scene. */
        THING,
        /** A small vivid object in a scene. */
        VIVID
    }
}
