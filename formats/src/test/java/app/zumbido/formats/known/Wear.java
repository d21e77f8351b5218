package app.zumbido.formats.known;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/** What happens to pictures on their way. */
final class Wear {
    private Wear() {}

    static byte[] png(BufferedImage image) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** @param quality 0 to 100 */
    static byte[] jpeg(BufferedImage image, int quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(quality / 100f);
            writer.setOutput(out);
            writer.write(null, new IIOImage(opaque(image), null, null), param);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static BufferedImage opaque(BufferedImage image) {
        BufferedImage rgb = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = rgb.createGraphics();
        graphics.drawImage(image, 0, 0, java.awt.Color.WHITE, null);
        graphics.dispose();
        return rgb;
    }

    static BufferedImage scaled(BufferedImage image, double factor) {
        int width = Math.max(1, (int) (image.getWidth() * factor));
        int height = Math.max(1, (int) (image.getHeight() * factor));
        BufferedImage scaled = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = scaled.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image, 0, 0, width, height, null);
        graphics.dispose();
        return scaled;
    }

    /** @param sigma of a Gaussian, in pixels */
    static BufferedImage blurred(BufferedImage image, double sigma) {
        int reach = (int) Math.ceil(3 * sigma);
        float[] weights = new float[2 * reach + 1];
        float sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = (float) Math.exp(-i * i / (2 * sigma * sigma));
            sum += weights[i + reach];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
        BufferedImage wide = widened(image, 2 * reach);
        BufferedImage across =
                new ConvolveOp(new Kernel(weights.length, 1, weights), ConvolveOp.EDGE_NO_OP, null).filter(wide, null);
        BufferedImage both = new ConvolveOp(new Kernel(1, weights.length, weights), ConvolveOp.EDGE_NO_OP, null)
                .filter(across, null);
        BufferedImage result = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = result.createGraphics();
        graphics.drawImage(both, -2 * reach, -2 * reach, null);
        graphics.dispose();
        return result;
    }

    /** The operation leaves a border as it was, so the picture goes on beyond its edges first. */
    private static BufferedImage widened(BufferedImage image, int by) {
        BufferedImage argb =
                new BufferedImage(image.getWidth() + 2 * by, image.getHeight() + 2 * by, BufferedImage.TYPE_INT_ARGB);
        int[] from = Canvas.samples(image);
        int[] to = Canvas.samples(argb);
        for (int y = 0; y < argb.getHeight(); y++) {
            int row = Math.max(0, Math.min(image.getHeight() - 1, y - by)) * image.getWidth();
            for (int x = 0; x < argb.getWidth(); x++) {
                to[y * argb.getWidth() + x] = from[row + Math.max(0, Math.min(image.getWidth() - 1, x - by))];
            }
        }
        BufferedImage wide = new BufferedImage(argb.getWidth(), argb.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = wide.createGraphics();
        graphics.drawImage(argb, 0, 0, null);
        graphics.dispose();
        return wide;
    }

    /** Noise of a scanner or a sensor; what is white stays clipped. */
    static BufferedImage noisy(BufferedImage image, Random random, double sigma) {
        BufferedImage result = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        int[] from = Canvas.samples(image);
        int[] to = Canvas.samples(result);
        for (int i = 0; i < from.length; i++) {
            int all = (int) Math.round(random.nextGaussian() * sigma);
            to[i] = from[i] & 0xFF000000
                    | clip((from[i] >> 16 & 0xFF) + all + own(random, sigma)) << 16
                    | clip((from[i] >> 8 & 0xFF) + all + own(random, sigma)) << 8
                    | clip((from[i] & 0xFF) + all + own(random, sigma));
        }
        return result;
    }

    private static int own(Random random, double sigma) {
        return (int) Math.round(random.nextGaussian() * sigma / 2);
    }

    private static int clip(int channel) {
        return Math.max(0, Math.min(255, channel));
    }
}
