package app.zumbido.benchmarks;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** Large pictures with known content, drawn anew at every run from a fixed seed. */
final class Scenes {
    private Scenes() {}

    /** @return a JPEG: a harbour in a gradient of dusk, with noise over everything */
    static byte[] photograph(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, new Color(0x16324F), 0, height * 0.6f, new Color(0xE08A55)));
        graphics.fillRect(0, 0, width, height * 6 / 10);
        graphics.setPaint(new GradientPaint(0, height * 0.6f, new Color(0x2F6E70), 0, height, new Color(0x0E2E3C)));
        graphics.fillRect(0, height * 6 / 10, width, height * 4 / 10 + 1);
        graphics.setColor(new Color(0xF2682A));
        graphics.fillOval(width / 3, height * 7 / 10, width / 20, width / 20);
        graphics.dispose();
        int[] samples = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        Random random = new Random(7);
        for (int i = 0; i < samples.length; i++) {
            int noise = random.nextInt(17) - 8;
            samples[i] = clip((samples[i] >> 16 & 0xFF) + noise) << 16
                    | clip((samples[i] >> 8 & 0xFF) + noise) << 8
                    | clip((samples[i] & 0xFF) + noise);
        }
        return encode(image, "jpg");
    }

    private static int clip(int channel) {
        return Math.max(0, Math.min(255, channel));
    }

    /** @return a PNG: a logo of four flat colours on white, with smoothed edges */
    static byte[] artwork(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        graphics.setColor(new Color(0x0B2A4A));
        graphics.fillOval(width / 8, height / 8, height / 2, height / 2);
        graphics.setColor(new Color(0xF2682A));
        graphics.fillOval(width / 2, height / 6, height / 10, height / 10);
        graphics.setStroke(new BasicStroke(height / 30f));
        graphics.setColor(new Color(0x0F7C7A));
        for (int i = 0; i < 12; i++) {
            graphics.drawArc(i * width / 12, height * 7 / 10, width / 12, height / 8, i % 2 * 180, 180);
        }
        graphics.dispose();
        return encode(image, "png");
    }

    private static byte[] encode(BufferedImage image, String format) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
