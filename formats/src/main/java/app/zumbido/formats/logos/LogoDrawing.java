package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.svg.PaintListener;
import app.zumbido.formats.svg.SvgFile;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** A logo as painted shapes. What is seen of them is worked out once: cutting areas out of each other takes its time. */
public final class LogoDrawing {
    /** A gap smaller than this share of the shorter side is no gap; shapes so near touch. */
    private static final double NEAR = 0.002;
    /** With more, areas take too long to be cut out of each other. */
    static final int MOST_POINTS = 4_000;
    /** With more colours it is no logo but a picture. */
    private static final int MOST_COLORS = 12;
    /** Of a page that is 1200 wide; sheets may miss its edge by rounding. */
    private static final double MARGIN = 2;
    /** With less of its outline beside the ground a part stands on another. */
    private static final double EXPOSED = 0.03;

    private final double width;
    private final double height;
    private final List<PaintedShape> shapes;
    private volatile @Nullable Map<Rgb, Area> visible;
    private volatile @Nullable Map<Rgb, Set<Rgb>> touching;

    /**
     * @param width of its page, in units of its shapes
     * @param height of its page
     * @param shapes in the order in which they are painted
     */
    public LogoDrawing(double width, double height, List<PaintedShape> shapes) {
        this.width = width;
        this.height = height;
        this.shapes = List.copyOf(shapes);
    }

    /** @return of its page, in units of its shapes */
    public double width() {
        return width;
    }

    /** @return of its page */
    public double height() {
        return height;
    }

    /** @return in the order in which they are painted */
    public List<PaintedShape> shapes() {
        return shapes;
    }

    /**
     * The shapes of a drawing, in pixels as it is drawn.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn
     */
    public static LogoDrawing of(SvgFile svg) {
        PaintedShapes painted = painted(svg);
        if (painted.pictured || painted.shapes.isEmpty() || points(painted.shapes) > MOST_POINTS) {
            return of(svg.draw());
        }
        return new LogoDrawing(svg.width(), svg.height(), painted.shapes).withoutSheet();
    }

    /**
     * The shapes of a drawing that we made ourselves: all of them, as they are.
     *
     * @throws app.zumbido.formats.image.UnreadableImageException if it cannot be drawn
     */
    public static LogoDrawing exactly(SvgFile svg) {
        return new LogoDrawing(svg.width(), svg.height(), painted(svg).shapes);
    }

    private static PaintedShapes painted(SvgFile svg) {
        PaintedShapes painted = new PaintedShapes();
        Graphics2D nowhere = new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics();
        try {
            svg.drawInto(PaintListener.into(painted, nowhere));
        } finally {
            nowhere.dispose();
        }
        return painted;
    }

    private static int points(List<PaintedShape> shapes) {
        int points = 0;
        for (PaintedShape painted : shapes) {
            for (PathIterator path = painted.shape().getPathIterator(null); !path.isDone(); path.next()) {
                points++;
            }
        }
        return points;
    }

    private static LogoDrawing of(Pixels picture) {
        return of(picture, Extraction.from(picture, Reading.ARTWORK));
    }

    /**
     * The shapes of a picture of few colours, in its pixels; the ground that it stands on is none of them.
     *
     * @param read what was read from it, perhaps while it was larger
     */
    public static LogoDrawing of(Pixels picture, Extraction read) {
        List<Rgb> colors = read.proposals().stream()
                .filter(proposal -> !proposal.ground())
                .map(Proposal::color)
                .limit(MOST_COLORS)
                .toList();
        Optional<Rgb> ground = read.proposals().stream()
                .filter(Proposal::ground)
                .map(Proposal::color)
                .findFirst();
        return of(picture, colors, read.transparentGround() ? Optional.empty() : ground);
    }

    /** A sheet of paper that is painted first, beneath everything, is the ground. */
    private LogoDrawing withoutSheet() {
        boolean hasSheet = shapes.size() > 1
                && shapes.get(0).shape().contains(MARGIN, MARGIN, width - 2 * MARGIN, height - 2 * MARGIN);
        return hasSheet ? new LogoDrawing(width, height, shapes.subList(1, shapes.size())) : this;
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
        shapes.forEach(painted -> painted.draw(graphics));
        graphics.dispose();
        return image;
    }

    /** @param wide in pixels @return on a transparent ground */
    public byte[] png(int wide) {
        return PngImage.encode(draw(wide));
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
                shapes.stream().map(painted -> painted.moved(moved)).toList());
    }

    /** @return what hangs together, in the order in which it is painted */
    public List<LogoPiece> pieces() {
        return Pieces.of(this);
    }

    /** @return without the pieces that lie in one of the cuttings, and without empty margins */
    public LogoDrawing without(List<Cutting> cuttings) {
        return Pieces.without(this, cuttings);
    }

    /** @return what lies in the cutting, without empty margins */
    public LogoDrawing within(Cutting cutting) {
        return Pieces.within(this, cutting);
    }

    /** @return how thick the thinnest stroke is, in units */
    public double thinnestStroke() {
        return ThinnestStroke.of(this);
    }

    /** @return in other colours, in the order of the original, since subtracted areas would show seams */
    public LogoDrawing recolored(UnaryOperator<Rgb> change) {
        return new LogoDrawing(
                width,
                height,
                shapes.stream()
                        .map(painted -> painted.in(change.apply(painted.fill())))
                        .toList());
    }

    /** @return by colour what is seen of it, in the order in which the colours are painted first; not to be changed */
    public Map<Rgb, Area> visible() {
        Map<Rgb, Area> known = visible;
        if (known == null) {
            known = seen();
            visible = known;
        }
        return known;
    }

    private Map<Rgb, Area> seen() {
        Map<Rgb, Area> visible = new LinkedHashMap<>();
        for (PaintedShape painted : shapes) {
            Area area = new Area(painted.shape());
            visible.values().forEach(beneath -> beneath.subtract(area));
            visible.computeIfAbsent(painted.fill(), fill -> new Area()).add(area);
        }
        visible.values().removeIf(Area::isEmpty);
        return Collections.unmodifiableMap(visible);
    }

    /** @return what has one colour, the largest first */
    public List<LogoPart> parts() {
        if (shapes.stream().map(PaintedShape::fill).distinct().count() == 1) {
            return List.of(new LogoPart(shapes.get(0).fill(), 1, true));
        }
        Map<Rgb, Area> visible = visible();
        Map<Rgb, Double> areas = new HashMap<>();
        visible.forEach((fill, area) -> areas.put(fill, Areas.measure(area)));
        double all = areas.values().stream().mapToDouble(Double::doubleValue).sum();
        List<LogoPart> parts = new ArrayList<>();
        visible.keySet()
                .forEach(fill -> parts.add(new LogoPart(fill, areas.get(fill) / all, isExposed(fill, visible))));
        parts.sort(Comparator.comparingDouble(LogoPart::share)
                .reversed()
                .thenComparing(part -> part.color().hex()));
        return parts;
    }

    /** Whether the ground is seen beside it, at more of its outline than rounding makes. */
    private boolean isExposed(Rgb fill, Map<Rgb, Area> visible) {
        return exposure(fill, visible) > EXPOSED;
    }

    /** @return share of the outline of what has that colour that has the ground beside it, 0 to 1 */
    double exposure(Rgb fill) {
        return exposure(fill, visible());
    }

    private double exposure(Rgb fill, Map<Rgb, Area> visible) {
        Area band = Areas.grown(visible.get(fill), NEAR * Math.min(width, height));
        band.subtract(visible.get(fill));
        double outline = Areas.measure(band);
        visible.values().forEach(band::subtract);
        return outline == 0 ? 0 : Areas.measure(band) / outline;
    }

    /** @return by colour those that it touches somewhere */
    public Map<Rgb, Set<Rgb>> touching() {
        Map<Rgb, Set<Rgb>> known = touching;
        if (known == null) {
            known = neighbours();
            touching = known;
        }
        return known;
    }

    private Map<Rgb, Set<Rgb>> neighbours() {
        double near = NEAR * Math.min(width, height);
        Map<Rgb, Area> visible = visible();
        Map<Rgb, Area> grown = new HashMap<>();
        visible.forEach((fill, area) -> grown.put(fill, Areas.grown(area, near)));
        Map<Rgb, Set<Rgb>> touching = new HashMap<>();
        visible.keySet()
                .forEach(one -> visible.forEach((other, area) -> {
                    if (!one.equals(other) && grown.get(one).intersects(area.getBounds2D())) {
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
