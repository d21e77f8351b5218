package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.PixelInterleavedSampleModel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.BitSet;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** PNG files to pixels and back. */
public final class PngImage {
    /** The largest picture that is decoded; pixels. */
    public static final long MOST_PIXELS = 100_000_000;

    static {
        // The decoder's default of caching to disk only slows down what stands in memory anyway.
        ImageIO.setUseCache(false);
    }

    private PngImage() {}

    /**
     * What can be known without decoding.
     *
     * @param width in pixels
     * @param height in pixels
     */
    public record Size(int width, int height) {}

    /**
     * Checks kind, size and checksums without decoding.
     *
     * @throws UnreadableImageException if it is no PNG, damaged, or larger than {@link #MOST_PIXELS}
     */
    public static Size check(byte[] file) {
        if (!PngChunks.isPng(file)) {
            throw new UnreadableImageException(Reason.UNKNOWN_KIND, "The file is no PNG picture");
        }
        PngChunks.Size size = PngChunks.check(file);
        if (size.count() > MOST_PIXELS) {
            throw new UnreadableImageException(
                    Reason.TOO_LARGE, "The picture has " + size.count() + " pixels; " + MOST_PIXELS + " are the most");
        }
        return new Size(size.width(), size.height());
    }

    /**
     * @return upright sRGB samples; an embedded profile is not applied yet
     * @throws UnreadableImageException if it is no PNG, damaged, or larger than {@link #MOST_PIXELS}
     */
    public static Pixels decode(byte[] file) {
        check(file);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("png").next();
            try {
                reader.setInput(in, true, true);
                return pixels(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // The decoder throws whatever it stumbles over; its bytes come from outside.
            throw new UnreadableImageException(Reason.BROKEN, "The PNG cannot be read: its pixels are damaged", e);
        }
    }

    private static Pixels pixels(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] argb = new int[Math.multiplyExact(width, height)];
        boolean plainBytes = image.getColorModel().getColorSpace().isCS_sRGB()
                && image.getRaster().getDataBuffer() instanceof DataBufferByte
                && image.getSampleModel() instanceof PixelInterleavedSampleModel;
        if (plainBytes && image.getSampleModel().getNumBands() >= 3) {
            copyBytes(image, argb);
        } else {
            // Palettes, greys and 16 bits: rare in large pictures, so the slow way does.
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

    /**
     * @param mask row by row
     * @param width in pixels
     * @param height in pixels
     * @return a PNG that is opaque black where the mask is set and transparent elsewhere
     */
    public static byte[] ofMask(BitSet mask, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_4BYTE_ABGR);
        for (int i = mask.nextSetBit(0); i >= 0; i = mask.nextSetBit(i + 1)) {
            image.setRGB(i % width, i / width, 0xFF000000);
        }
        return encode(image);
    }

    /**
     * @param longSide the most that the longer side may have; pixels. A smaller picture keeps its size
     * @return a PNG of the picture
     */
    public static byte[] scaled(Pixels pixels, int longSide) {
        BufferedImage image = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                image.setRGB(x, y, pixels.at(x, y));
            }
        }
        return encode(halved(image, longSide));
    }

    /** Halving step by step averages every pixel in, which one large step would not. */
    private static BufferedImage halved(BufferedImage image, int longSide) {
        BufferedImage current = image;
        while (Math.max(current.getWidth(), current.getHeight()) > longSide) {
            double left = (double) longSide / Math.max(current.getWidth(), current.getHeight());
            double scale = Math.max(0.5, left);
            int width = Math.max(1, (int) Math.round(current.getWidth() * scale));
            int height = Math.max(1, (int) Math.round(current.getHeight() * scale));
            BufferedImage smaller = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
            Graphics2D graphics = smaller.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            graphics.drawImage(current, 0, 0, width, height, null);
            graphics.dispose();
            current = smaller;
        }
        return current;
    }

    public static byte[] encode(BufferedImage image) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
