package app.zumbido.formats.svg;

import app.zumbido.formats.image.PngImage;

/** Draws an SVG as a PNG. */
public final class SvgPicture {
    private SvgPicture() {}

    /**
     * @param longSide the most that the longer side may have; pixels
     * @return a PNG with a transparent ground
     */
    public static byte[] toPng(byte[] svg, int longSide) {
        return PngImage.scaled(SvgFile.read(svg).draw(), longSide);
    }
}
