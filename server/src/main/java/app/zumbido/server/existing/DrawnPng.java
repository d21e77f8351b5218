package app.zumbido.server.existing;

import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.server.workshop.Task;

/**
 * Draws a drawing as a PNG file.
 *
 * @param longSide in pixels
 */
record DrawnPng(byte[] svg, int longSide) implements Task<byte[]> {
    @Override
    public byte[] run() {
        return PngImage.scaled(SvgFile.read(svg).draw(longSide), longSide);
    }
}
