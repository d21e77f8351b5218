package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.formats.svg.SvgFile;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * A logo as painted shapes.
 *
 * @param width of its page, in units of its shapes
 * @param height of its page
 * @param shapes in the order in which they are painted
 */
public record LogoDrawing(double width, double height, List<PaintedShape> shapes) {
    /** A gap smaller than this share of the shorter side is no gap; shapes so near touch. */
    private static final double NEAR = 0.002;

    public LogoDrawing {
        shapes = List.copyOf(shapes);
    }

    /**
     * The shapes of a drawing, in pixels as it is drawn.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn
     */
    public static LogoDrawing of(SvgFile svg) {
        List<PaintedShape> shapes = new ArrayList<>();
        Graphics2D nowhere = new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics();
        try {
            svg.drawInto(ShapesOfSvg.into(shapes, nowhere));
        } finally {
            nowhere.dispose();
        }
        return new LogoDrawing(svg.width(), svg.height(), shapes);
    }

    /**
     * The shapes of a picture of few colours, in its pixels.
     *
     * @param colors of the logo
     * @param ground the colour that it stands on; nothing: it stands on nothing
     */
    public static LogoDrawing of(Pixels picture, List<Rgb> colors, Optional<Rgb> ground) {
        return new LogoDrawing(picture.width(), picture.height(), ShapesOfPicture.of(picture, colors, ground));
    }

    /** @return as a drawing of plain paths */
    public byte[] svg() {
        return LogoSvg.write(this);
    }

    /** @param wide in pixels @return on a transparent ground */
    public BufferedImage draw(int wide) {
        int tall = Math.max(1, (int) Math.round(wide * height / width));
        BufferedImage image = new BufferedImage(wide, tall, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(wide / width, tall / height);
        shapes.forEach(painted -> {
            Rgb fill = painted.fill();
            graphics.setColor(new Color(fill.red(), fill.green(), fill.blue(), Math.round(painted.opacity() * 255)));
            graphics.fill(painted.shape());
        });
        graphics.dispose();
        return image;
    }

    /** @return without empty margins; the page is as large as what is seen */
    public LogoDrawing trimmed() {
        Area all = new Area();
        visible().values().forEach(all::add);
        Rectangle2D seen = all.getBounds2D();
        if (seen.isEmpty()) {
            return this;
        }
        AffineTransform moved = AffineTransform.getTranslateInstance(-seen.getX(), -seen.getY());
        return new LogoDrawing(
                seen.getWidth(),
                seen.getHeight(),
                shapes.stream()
                        .map(painted -> new PaintedShape(
                                moved.createTransformedShape(painted.shape()), painted.fill(), painted.opacity()))
                        .toList());
    }

    /** @return in other colours, in the order of the original, since subtracted areas would show seams */
    public LogoDrawing recolored(UnaryOperator<Rgb> change) {
        return new LogoDrawing(
                width,
                height,
                shapes.stream()
                        .map(painted ->
                                new PaintedShape(painted.shape(), change.apply(painted.fill()), painted.opacity()))
                        .toList());
    }

    /** @return by colour what is seen of it, in the order in which the colours are painted first */
    public Map<Rgb, Area> visible() {
        Map<Rgb, Area> visible = new LinkedHashMap<>();
        for (PaintedShape painted : shapes) {
            Area area = new Area(painted.shape());
            visible.values().forEach(beneath -> beneath.subtract(area));
            visible.computeIfAbsent(painted.fill(), fill -> new Area()).add(area);
        }
        visible.values().removeIf(Area::isEmpty);
        return visible;
    }

    /** @return what has one colour, the largest first */
    public List<LogoPart> parts() {
        Map<Rgb, Double> areas = new HashMap<>();
        visible().forEach((fill, area) -> areas.put(fill, Areas.measure(area)));
        double all = areas.values().stream().mapToDouble(Double::doubleValue).sum();
        List<LogoPart> parts = new ArrayList<>();
        areas.forEach((fill, area) -> parts.add(new LogoPart(fill, area / all)));
        parts.sort(Comparator.comparingDouble(LogoPart::share)
                .reversed()
                .thenComparing(part -> part.color().hex()));
        return parts;
    }

    /** @return by colour those that it touches somewhere */
    public Map<Rgb, Set<Rgb>> touching() {
        double near = NEAR * Math.min(width, height);
        Map<Rgb, Area> visible = visible();
        Map<Rgb, Area> grown = new HashMap<>();
        visible.forEach((fill, area) -> grown.put(fill, Areas.grown(area, near)));
        Map<Rgb, Set<Rgb>> touching = new HashMap<>();
        visible.keySet()
                .forEach(one -> visible.forEach((other, area) -> {
                    if (!one.equals(other)) {
                        Area shared = new Area(grown.get(one));
                        shared.intersect(area);
                        if (!shared.isEmpty()) {
                            touching.computeIfAbsent(one, fill -> new HashSet<>())
                                    .add(other);
                        }
                    }
                }));
        return touching;
    }
}
