package app.zumbido.formats.logos;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.awt.geom.Area;
import java.util.List;
import java.util.Map;

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
    private static final double NEUTRAL = 0.04;
    private static final int ROUNDS = 6;

    private OneColor() {}

    /** @return all of it in that colour */
    static LogoDrawing of(LogoDrawing logo, Rgb color) {
        Area all = new Area();
        Map<Rgb, Area> visible = logo.visible();
        List<Rgb> fills = List.copyOf(visible.keySet());
        double gap = GAP * Math.min(logo.width(), logo.height());
        for (int i = 0; i < fills.size(); i++) {
            if (isHole(fills.get(i))) {
                continue;
            }
            Area part = new Area(visible.get(fills.get(i)));
            for (int upper = i + 1; upper < fills.size(); upper++) {
                if (!isHole(fills.get(upper))) {
                    part.subtract(Areas.grown(visible.get(fills.get(upper)), fitting(part, gap)));
                }
            }
            all.add(part);
        }
        return new LogoDrawing(logo.width(), logo.height(), List.of(new PaintedShape(all, color, 1)));
    }

    /** White on nothing is the ground that shows through. */
    private static boolean isHole(Rgb color) {
        Oklch polar = Oklch.of(color);
        return polar.l() >= NEARLY_WHITE && polar.c() < NEUTRAL;
    }

    /** A gap that leaves something of a thin part. */
    private static double fitting(Area part, double gap) {
        return Math.min(gap, OF_THE_THINNEST * breadth(part, gap));
    }

    /** Twice how far the edge can move in before nothing is left, as far as it matters. */
    private static double breadth(Area part, double gap) {
        double low = 0;
        double high = gap / OF_THE_THINNEST;
        for (int round = 0; round < ROUNDS; round++) {
            double middle = (low + high) / 2;
            if (Areas.shrunk(part, middle / 2).isEmpty()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return low;
    }
}
