package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.PixelInterleavedSampleModel;

/** What a decoder left in memory to samples, by the shortest way. */
final class Samples {
    private Samples() {}

    static Pixels of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        if (image.getType() == BufferedImage.TYPE_INT_ARGB) {
            int[] data = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
            return Pixels.wrap(width, height, data);
        }
        int[] argb = new int[Math.multiplyExact(width, height)];
        boolean plainBytes = image.getColorModel().getColorSpace().isCS_sRGB()
                && !image.getColorModel().isAlphaPremultiplied()
                && image.getRaster().getDataBuffer() instanceof DataBufferByte
                && image.getSampleModel() instanceof PixelInterleavedSampleModel;
        if (plainBytes && image.getSampleModel().getNumBands() >= 3) {
            copyBytes(image, argb);
        } else {
            // Palettes, greys, 16 bits and other colour spaces: rare in large pictures, so the slow way does.
            image.getRGB(0, 0, width, height, argb, 0, width);
        }
        return Pixels.wrap(width, height, argb);
    }

    private static void copyBytes(BufferedImage image, int[] argb) {
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        PixelInterleavedSampleModel model = (PixelInterleavedSampleModel) image.getSampleModel();
        int[] band = model.getBandOffsets();
        int step = model.getPixelStride();
        boolean alpha = band.length == 4;
        int at = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            int row = y * model.getScanlineStride();
            for (int x = 0; x < image.getWidth(); x++, row += step) {
                argb[at++] = (alpha ? data[row + band[3]] << 24 : 0xFF000000)
                        | (data[row + band[0]] & 0xFF) << 16
                        | (data[row + band[1]] & 0xFF) << 8
                        | data[row + band[2]] & 0xFF;
            }
        }
    }
}
