package app.zumbido.formats.logos;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A logo in one colour. What touched in two colours stays apart by a gap that is cut out of the lower part; what is nearly
 * white is a hole, so that counters stay open. Common practice, no published source.
 */
final class OneColor {
    /** Of the shorter side. */
    private static final double GAP = 0.018;
    /** As much of the thinner part's breadth a gap may take at most. */
    private static final double OF_THE_THINNEST = 0.35;

    private static final double NEARLY_WHITE = 0.95;
    /** Of the outline: with more of it beside the ground a part stands by itself. */
    private static final double MOSTLY = 0.5;

    private static final double NEUTRAL = 0.04;

    private OneColor() {}

    /** @return all of it in that colour */
    static LogoDrawing of(LogoDrawing logo, Rgb color) {
        Map<Rgb, Area> visible = logo.visible();
        Map<Rgb, Set<Rgb>> touching = logo.touching();
        List<Rgb> fills = List.copyOf(visible.keySet());
        double gap = GAP * Math.min(logo.width(), logo.height());
        Area all = new Area();
        for (int i = 0; i < fills.size(); i++) {
            if (isHole(logo, fills.get(i))) {
                continue;
            }
            Area part = new Area(visible.get(fills.get(i)));
            List<Rgb> over = fills.subList(i + 1, fills.size()).stream()
                    .filter(upper -> !isHole(logo, upper))
                    .filter(touching.getOrDefault(fills.get(i), Set.of())::contains)
                    .toList();
            double fitting = over.isEmpty() ? 0 : fitting(logo, part, gap);
            over.forEach(upper -> part.subtract(near(visible.get(upper), part, fitting)));
            all.add(part);
        }
        return new LogoDrawing(logo.width(), logo.height(), List.of(new PaintedShape(all, color, 1)));
    }

    /** @return what of the upper part comes near the lower one, grown by the gap */
    private static Area near(Area upper, Area lower, double gap) {
        Rectangle2D around = lower.getBounds2D();
        around.setRect(
                around.getX() - gap, around.getY() - gap, around.getWidth() + 2 * gap, around.getHeight() + 2 * gap);
        Area near = new Area();
        for (Shape island : Islands.of(upper)) {
            if (island.intersects(around)) {
                near.add(Areas.grown(new Area(island), gap));
            }
        }
        return near;
    }

    /** White that stands on other parts is the ground that shows through; white that stands by itself is a part. */
    private static boolean isHole(LogoDrawing logo, Rgb color) {
        Oklch polar = Oklch.of(color);
        return polar.l() >= NEARLY_WHITE && polar.c() < NEUTRAL && logo.exposure(color) < MOSTLY;
    }

    /** A gap that leaves something of a thin part. */
    private static double fitting(LogoDrawing logo, Area part, double gap) {
        LogoDrawing alone = new LogoDrawing(logo.width(), logo.height(), List.of(new PaintedShape(part, Rgb.BLACK, 1)));
        double thinnest = alone.thinnestStroke();
        return thinnest > 0 ? Math.min(gap, OF_THE_THINNEST * thinnest) : gap;
    }
}
