package app.zumbido.formats.known;

import app.zumbido.core.color.Rgb;
import app.zumbido.formats.known.KnownColor.Part;
import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A shape filled by a gradient of two or three stops, beside something flat. */
final class Gradation {
    private Gradation() {}

    static List<KnownColor> draw(Canvas canvas, Random random, int stops, boolean radial) {
        Tints tints = new Tints(random);
        Rgb ground = random.nextBoolean() ? Rgb.WHITE : tints.pale();
        canvas.ground(ground);
        List<Rgb> colors = tints.several(stops, 18, List.of(ground));
        double w = canvas.width * 0.62;
        double h = canvas.height * 0.62;
        Shape shape = radial || random.nextBoolean()
                ? new Ellipse2D.Double(canvas.width * 0.08, canvas.height * 0.1, h, h)
                : new RoundRectangle2D.Double(canvas.width * 0.08, canvas.height * 0.1, w, h, 50, 50);
        canvas.fill(shape, paint(shape, colors, radial, random));
        Rgb flat = tints.apartFrom(all(ground, colors), 18, tints::any);
        canvas.letters(
                random, canvas.width * 0.1, canvas.height * 0.78, canvas.height * 0.14, 5, flat, canvas.height * 0.04);
        List<KnownColor> known = new ArrayList<>();
        known.add(new KnownColor(ground, Part.GROUND, 0.5));
        colors.forEach(c -> known.add(new KnownColor(c, Part.STOP, 0.1)));
        known.add(new KnownColor(flat, Part.FLAT, canvas.share(flat)));
        return known;
    }

    /** A gradient over the whole picture with letters across it, between which it is seen in stretches. */
    static List<KnownColor> lettered(Canvas canvas, Random random, int stops, boolean diagonal) {
        Tints tints = new Tints(random);
        Rgb ink = random.nextBoolean() ? Rgb.WHITE : Rgb.ofHex("121B26");
        List<Rgb> colors = tints.several(stops, 18, List.of(ink));
        float[] at = stops == 2 ? new float[] {0, 1} : new float[] {0, 0.5f, 1};
        Point2D end = new Point2D.Double(canvas.width, diagonal ? canvas.height : 0);
        canvas.fill(
                new Rectangle2D.Double(0, 0, canvas.width, canvas.height),
                new LinearGradientPaint(
                        new Point2D.Double(0, 0),
                        end,
                        at,
                        colors.stream().map(Canvas::color).toArray(Color[]::new)));
        canvas.letters(
                random, canvas.width * 0.08, canvas.height * 0.6, canvas.height * 0.26, 7, ink, canvas.height * 0.05);
        List<KnownColor> known = new ArrayList<>();
        colors.forEach(c -> known.add(new KnownColor(c, Part.STOP, 0.1)));
        known.add(new KnownColor(ink, Part.FLAT, canvas.share(ink)));
        return known;
    }

    private static List<Rgb> all(Rgb one, List<Rgb> others) {
        List<Rgb> all = new ArrayList<>(others);
        all.add(one);
        return all;
    }

    private static MultipleGradientPaint paint(Shape shape, List<Rgb> stops, boolean radial, Random random) {
        var box = shape.getBounds2D();
        float[] at = stops.size() == 2 ? new float[] {0, 1} : new float[] {0, 0.5f, 1};
        Color[] colors = stops.stream().map(Canvas::color).toArray(Color[]::new);
        if (radial) {
            return new RadialGradientPaint(
                    new Point2D.Double(box.getCenterX(), box.getCenterY()), (float) box.getWidth() / 2, at, colors);
        }
        return random.nextBoolean()
                ? new LinearGradientPaint(
                        new Point2D.Double(box.getMinX(), 0), new Point2D.Double(box.getMaxX(), 0), at, colors)
                : new LinearGradientPaint(
                        new Point2D.Double(0, box.getMinY()), new Point2D.Double(0, box.getMaxY()), at, colors);
    }
}
