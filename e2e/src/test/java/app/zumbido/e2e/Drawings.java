package app.zumbido.e2e;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Invented logos with known colours and smoothed edges. */
final class Drawings {
    private Drawings() {}

    /** @return a PNG on white: navy sail, teal wave, orange buoy */
    static byte[] ferryLogo() {
        BufferedImage image = sheet();
        Graphics2D graphics = smooth(image);
        Path2D sail = new Path2D.Double();
        sail.moveTo(60, 160);
        sail.lineTo(180, 20);
        sail.lineTo(180, 160);
        sail.closePath();
        graphics.setColor(new Color(0x0B2A4A));
        graphics.fill(sail);
        graphics.setColor(new Color(0xF2682A));
        graphics.fill(new Ellipse2D.Double(210, 60, 40, 40));
        graphics.setColor(new Color(0x0F7C7A));
        graphics.setStroke(new BasicStroke(18));
        Path2D wave = new Path2D.Double();
        wave.moveTo(30, 190);
        wave.curveTo(90, 150, 150, 230, 210, 190);
        wave.curveTo(250, 165, 300, 190, 360, 190);
        graphics.draw(wave);
        return png(image);
    }

    /** @return a PNG on white with one violet disc */
    static byte[] violetDisc() {
        BufferedImage image = sheet();
        Graphics2D graphics = smooth(image);
        graphics.setColor(new Color(0x6A3FB5));
        graphics.fill(new Ellipse2D.Double(120, 40, 160, 160));
        return png(image);
    }

    private static BufferedImage sheet() {
        return new BufferedImage(400, 240, BufferedImage.TYPE_INT_RGB);
    }

    private static Graphics2D smooth(BufferedImage image) {
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        return graphics;
    }

    private static byte[] png(BufferedImage image) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
