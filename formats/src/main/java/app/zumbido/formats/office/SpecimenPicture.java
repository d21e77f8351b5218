package app.zumbido.formats.office;

import app.zumbido.core.brand.ThemedLook;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.formats.image.PngImage;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** Stands where people put their own photographs: hills under an evening sky in the brand's colours. */
public final class SpecimenPicture {
    private SpecimenPicture() {}

    /** @return a PNG file */
    public static byte[] of(ThemedLook look, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        Gradient sky = look.titleRun().in(look.colors());
        for (int y = 0; y < height; y++) {
            graphics.setColor(color(sky.at((double) y / height)));
            graphics.fillRect(0, y, width, 1);
        }
        graphics.setColor(color(look.highlight().in(look.colors())));
        double sun = height * 0.09;
        graphics.fill(new Ellipse2D.Double(width * 0.68 - sun, height * 0.42 - sun, 2 * sun, 2 * sun));
        hill(graphics, look.series().get(1).in(look.colors()), width, height, 0.62, 0.12, 2.1);
        hill(graphics, look.series().get(0).in(look.colors()), width, height, 0.78, 0.08, 4.4);
        graphics.dispose();
        return PngImage.encode(image);
    }

    private static void hill(
            Graphics2D graphics, Rgb color, int width, int height, double top, double swing, double phase) {
        Path2D hill = new Path2D.Double();
        hill.moveTo(0, height);
        int steps = 64;
        for (int i = 0; i <= steps; i++) {
            double x = (double) i / steps;
            hill.lineTo(x * width, height * (top + swing * Math.sin(phase + x * 2 * Math.PI)));
        }
        hill.lineTo(width, height);
        hill.closePath();
        graphics.setColor(color(color));
        graphics.fill(hill);
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.red(), rgb.green(), rgb.blue());
    }
}
