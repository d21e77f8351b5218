package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.layout.Box;
import app.zumbido.core.guide.layout.Mark;
import app.zumbido.core.guide.layout.Page;
import app.zumbido.core.guide.layout.Painter;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.PaintedShape;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.Paint;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** Draws a page into pixels: areas of one colour end at whole pixels, so that they are that colour and nothing else. */
final class RasterPainter implements Painter {
    private final Guide guide;
    private final Graphics2D graphics;
    private final double scale;

    private RasterPainter(Guide guide, Graphics2D graphics, double scale) {
        this.guide = guide;
        this.graphics = graphics;
        this.scale = scale;
    }

    /** @return how wide a page gets, in pixels */
    static int width(Page page, double scale) {
        return (int) Math.max(1, Math.round(page.width() * scale));
    }

    static int height(Page page, double scale) {
        return (int) Math.max(1, Math.round(page.height() * scale));
    }

    /**
     * @param scale pixels to a point
     * @param transparent whether the page itself is left out
     */
    static BufferedImage draw(Guide guide, Page page, double scale, boolean transparent) {
        BufferedImage image = image(width(page, scale), height(page, scale), transparent);
        draw(guide, page, scale, transparent, image, 0);
        return image;
    }

    static BufferedImage image(int width, int height, boolean transparent) {
        return new BufferedImage(width, height, transparent ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    }

    /**
     * Draws as much of a page as an image has room for.
     *
     * @param top row of the image that the page begins at; above it where negative
     */
    static void draw(Guide guide, Page page, double scale, boolean transparent, BufferedImage image, int top) {
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.translate(0, top);
        if (!transparent) {
            graphics.setColor(color(page.ground()));
            graphics.fillRect(0, 0, width(page, scale), height(page, scale));
        }
        RasterPainter painter = new RasterPainter(guide, graphics, scale);
        double from = -top / scale;
        double to = (image.getHeight() - top) / scale;
        page.drawn().filter(mark -> reaches(mark.box(), from, to)).forEach(mark -> mark.drawnBy(painter));
        graphics.dispose();
    }

    /** Letters and turned logos reach beyond their boxes. */
    private static boolean reaches(Box box, double from, double to) {
        double beyond = box.height() + box.width() / 2;
        return box.bottom() + beyond >= from && box.y() - beyond <= to;
    }

    private static Color color(Rgb rgb) {
        return new Color(rgb.packed());
    }

    private int pixel(double points) {
        return (int) Math.round(points * scale);
    }

    @Override
    public void words(Mark.Words words) {
        graphics.setColor(color(words.ink()));
        for (GlyphRun run : guide.typesetter().set(words.style(), words.text())) {
            double em = words.style().size() / run.face().unitsPerEm() * scale;
            for (int i = 0; i < run.glyphs().size(); i++) {
                double x = words.box().x()
                        + run.x()
                        + run.offsets().get(i) * words.style().size() / 1000;
                Path2D outline = run.face().outlineOfGlyph(run.glyphs().get(i));
                graphics.fill(outline.createTransformedShape(
                        new AffineTransform(em, 0, 0, -em, x * scale, words.baseline() * scale)));
            }
        }
    }

    @Override
    public void fill(Mark.Fill fill) {
        graphics.setColor(color(fill.color()));
        fill(fill.box());
    }

    /** Whatever is thinner than a pixel is one pixel thick. */
    private void fill(Box box) {
        int x = pixel(box.x());
        int y = pixel(box.y());
        int width = box.width() > 0 ? Math.max(1, pixel(box.right()) - x) : 0;
        int height = box.height() > 0 ? Math.max(1, pixel(box.bottom()) - y) : 0;
        graphics.fillRect(x, y, width, height);
    }

    @Override
    public void outline(Mark.Outline outline) {
        graphics.setColor(color(outline.color()));
        Box box = outline.box();
        double thick = outline.thickness();
        if (outline.dashed()) {
            float dash = (float) (thick * 3 * scale);
            graphics.setStroke(new BasicStroke(
                    (float) (thick * scale),
                    BasicStroke.CAP_BUTT,
                    BasicStroke.JOIN_MITER,
                    10,
                    new float[] {dash, dash},
                    0));
            graphics.draw(new Rectangle2D.Double(
                    box.x() * scale, box.y() * scale, box.width() * scale, box.height() * scale));
            return;
        }
        int line = Math.max(1, pixel(thick));
        int x = pixel(box.x());
        int y = pixel(box.y());
        int right = pixel(box.right());
        int bottom = pixel(box.bottom());
        graphics.fillRect(x, y, right - x, line);
        graphics.fillRect(x, bottom - line, right - x, line);
        graphics.fillRect(x, y, line, bottom - y);
        graphics.fillRect(right - line, y, line, bottom - y);
    }

    @Override
    public void line(Mark.Line line) {
        Box box = line.box();
        graphics.setColor(color(line.color()));
        graphics.setStroke(
                new BasicStroke((float) (line.thickness() * scale), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        Shape clip = graphics.getClip();
        graphics.clipRect(
                pixel(box.x()),
                pixel(box.y()),
                pixel(box.right()) - pixel(box.x()),
                pixel(box.bottom()) - pixel(box.y()));
        graphics.draw(new Line2D.Double(
                box.x() * scale,
                (line.rising() ? box.bottom() : box.y()) * scale,
                box.right() * scale,
                (line.rising() ? box.y() : box.bottom()) * scale));
        graphics.setClip(clip);
    }

    @Override
    public void ramp(Mark.Ramp ramp) {
        Ramps way = Ramps.of(ramp);
        float[] places = Ramps.places(ramp.stops().size());
        Color[] colors = ramp.stops().stream().map(RasterPainter::color).toArray(Color[]::new);
        // In pixels, so that the area still ends at whole ones.
        Paint scaled = ramp.radial()
                ? new RadialGradientPaint(scaled(way.start()), (float) (way.radius() * scale), places, colors)
                : new LinearGradientPaint(scaled(way.start()), scaled(way.end()), places, colors);
        graphics.setPaint(scaled);
        fill(ramp.box());
    }

    private Point2D scaled(Point2D point) {
        return new Point2D.Double(point.getX() * scale, point.getY() * scale);
    }

    @Override
    public void picture(Mark.Picture picture) {
        Box box = picture.box();
        int x = pixel(box.x());
        int y = pixel(box.y());
        guide.art()
                .seen(picture, scale)
                .ifPresent(pixels ->
                        graphics.drawImage(image(pixels), x, y, pixel(box.right()) - x, pixel(box.bottom()) - y, null));
    }

    static BufferedImage image(Pixels pixels) {
        BufferedImage image = new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                image.setRGB(x, y, pixels.at(x, y));
            }
        }
        return image;
    }

    @Override
    public void logo(Mark.LogoMark logo) {
        guide.art().logo(logo.form(), logo.version()).ifPresent(drawing -> {
            AffineTransform way = AffineTransform.getScaleInstance(scale, scale);
            way.concatenate(placed(logo, drawing));
            for (PaintedShape shape : drawing.shapes()) {
                shape.moved(way).draw(graphics);
            }
        });
    }

    /** @return from the units of a drawing to its place on the page */
    static AffineTransform placed(Mark.LogoMark logo, LogoDrawing drawing) {
        Box box = logo.box();
        AffineTransform way = new AffineTransform();
        way.rotate(Math.toRadians(logo.turned()), box.x() + box.width() / 2, box.y() + box.height() / 2);
        way.translate(box.x(), box.y());
        way.scale(box.width() / drawing.width(), box.height() / drawing.height());
        return way;
    }
}
