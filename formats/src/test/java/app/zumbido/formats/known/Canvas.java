package app.zumbido.formats.known;

import app.zumbido.core.color.Rgb;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.Random;

/** A picture that is being drawn, with smoothed edges. */
final class Canvas {
    final BufferedImage image;
    final Graphics2D graphics;
    final int width;
    final int height;

    Canvas(int width, int height) {
        this.width = width;
        this.height = height;
        image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    }

    static Color color(Rgb rgb) {
        return new Color(rgb.packed());
    }

    void ground(Rgb rgb) {
        graphics.setColor(color(rgb));
        graphics.fillRect(0, 0, width, height);
    }

    void fill(Shape shape, Rgb rgb) {
        fill(shape, color(rgb));
    }

    void fill(Shape shape, Paint paint) {
        graphics.setPaint(paint);
        graphics.fill(shape);
    }

    void stroke(Shape shape, Rgb rgb, double wide) {
        graphics.setColor(color(rgb));
        graphics.setStroke(new BasicStroke((float) wide, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        graphics.draw(shape);
    }

    /** Letters of strokes and bows, since a machine without a monitor may have no fonts. */
    void letters(Random random, double x, double y, double high, int count, Rgb rgb, double wide) {
        double at = x;
        for (int i = 0; i < count; i++) {
            double across = high * (0.45 + 0.3 * random.nextDouble());
            stroke(letter(random, at, y, across, high), rgb, wide);
            at += across + high * 0.25;
        }
    }

    private static Path2D letter(Random random, double x, double y, double across, double high) {
        Path2D path = new Path2D.Double();
        path.moveTo(x, y);
        path.lineTo(x, y + high);
        switch (random.nextInt(4)) {
            case 0 -> {
                path.moveTo(x, y);
                path.curveTo(x + across * 1.4, y, x + across * 1.4, y + high * 0.6, x, y + high * 0.55);
            }
            case 1 -> {
                path.moveTo(x, y + high / 2);
                path.lineTo(x + across, y);
                path.moveTo(x, y + high / 2);
                path.lineTo(x + across, y + high);
            }
            case 2 -> {
                path.moveTo(x, y + high / 2);
                path.lineTo(x + across, y + high / 2);
                path.moveTo(x + across, y);
                path.lineTo(x + across, y + high);
            }
            default -> {
                path.moveTo(x, y);
                path.lineTo(x + across, y);
                path.moveTo(x, y + high * 0.45);
                path.lineTo(x + across * 0.8, y + high * 0.45);
                path.moveTo(x, y + high);
                path.lineTo(x + across, y + high);
            }
        }
        return path;
    }

    /** @return pixels that have exactly this colour, of all */
    double share(Rgb rgb) {
        int wanted = 0xFF000000 | rgb.packed();
        return (double) Arrays.stream(samples(image))
                        .filter(argb -> argb == wanted)
                        .count()
                / width
                / height;
    }

    /** @return 0xAARRGGBB row by row, the picture's own array */
    static int[] samples(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    /** Soft and dark beneath what is drawn next; the shape comes from the caller. */
    void shadow(Shape shape, double away, double soft, double opacity) {
        Canvas apart = new Canvas(width, height);
        apart.graphics.translate(away, away);
        apart.fill(shape, Color.BLACK);
        BufferedImage blurred = Wear.blurred(apart.image, soft);
        graphics.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) opacity));
        graphics.drawImage(blurred, 0, 0, null);
        graphics.setComposite(AlphaComposite.SrcOver);
    }
}
