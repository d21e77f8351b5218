package app.zumbido.formats.image;

import app.zumbido.core.image.Pixels;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.BitSet;
import javax.imageio.ImageIO;

/** Pixels and masks to PNG files: whatever came in, this is what the page shows of it. */
public final class PngImage {
    private PngImage() {}

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
        return encode(halved(image(pixels), longSide));
    }

    /** @param width at most that of the picture @return a PNG of exactly that width */
    public static byte[] wide(Pixels pixels, int width) {
        int tall = (int) Math.max(1, Math.round((double) width * pixels.height() / pixels.width()));
        BufferedImage near = image(pixels);
        while (near.getWidth() / 2 >= width) {
            near = halved(near, Math.max(near.getWidth(), near.getHeight()) / 2);
        }
        return encode(sized(near, width, tall));
    }

    /** @return the picture itself, not encoded */
    public static Pixels shrunk(Pixels pixels, int longSide) {
        if (Math.max(pixels.width(), pixels.height()) <= longSide) {
            return pixels;
        }
        BufferedImage small = halved(image(pixels), longSide);
        return Pixels.wrap(
                small.getWidth(),
                small.getHeight(),
                small.getRGB(0, 0, small.getWidth(), small.getHeight(), null, 0, small.getWidth()));
    }

    private static BufferedImage image(Pixels pixels) {
        BufferedImage image = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                image.setRGB(x, y, pixels.at(x, y));
            }
        }
        return image;
    }

    /** Halving step by step averages every pixel in, which one large step would not. */
    private static BufferedImage halved(BufferedImage image, int longSide) {
        BufferedImage current = image;
        while (Math.max(current.getWidth(), current.getHeight()) > longSide) {
            double left = (double) longSide / Math.max(current.getWidth(), current.getHeight());
            double scale = Math.max(0.5, left);
            int width = Math.max(1, (int) Math.round(current.getWidth() * scale));
            int height = Math.max(1, (int) Math.round(current.getHeight() * scale));
            current = sized(current, width, height);
        }
        return current;
    }

    private static BufferedImage sized(BufferedImage image, int width, int height) {
        BufferedImage sized = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = sized.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, width, height, null);
        graphics.dispose();
        return sized;
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
