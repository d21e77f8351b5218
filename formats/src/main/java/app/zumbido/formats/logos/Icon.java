package app.zumbido.formats.logos;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.NearestPassing;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoPart;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The icon of a site or an app: a mark on a ground. Each size is drawn anew: what would be thinner than a pixel goes, unless all
 * of a colour is so thin, which is then drawn a pixel thick.
 *
 * @param mark without empty margins, in colours that read on the ground
 */
public record Icon(LogoDrawing mark, Rgb ground, IconShape shape) {
    /** Sizes that sites and apps ask for (common practice, no published source); pixels. */
    public static final List<Integer> SIZES = List.of(16, 32, 48, 180, 192, 512);

    /** From here on nothing is thinner than a pixel that anybody would miss. */
    private static final int DRAWN_AS_IT_IS = 64;
    /** A part of which less stays is thin altogether. */
    private static final double THIN = 0.5;

    /** A line a pixel thick covers hardly any pixel whole: with less its mixtures would not reach 3:1. */
    private static final double OF_THIN_LINES = 7;

    /** Of a stroke that is thinner hardly a pixel is not mixed with the ground; pixels. */
    private static final double OF_MIXTURES = 1.8;

    private static final double PIXEL = 1;
    /** Nobody sees that an edge has moved so far; pixels. */
    private static final double UNSEEN = 0.05;

    private static final double THICK_ENOUGH = 1.3;

    /** @param logo any form; its colours are changed where they would not read */
    public static Icon of(LogoDrawing logo, Rgb ground, IconShape shape) {
        LogoDrawing mark = logo.trimmed();
        if (!LogoPart.read(mark.parts(), ground)) {
            LogoDrawing other =
                    Oklch.of(ground).l() < 0.6 ? Logos.forDark(mark, ground) : Logos.oneColor(mark, ground.ink());
            mark = LogoPart.read(other.parts(), ground) ? other : Logos.oneColor(mark, ground.ink());
        }
        return new Icon(mark, ground, shape);
    }

    /** @param side in pixels @return as painted shapes, a unit a pixel */
    public LogoDrawing at(int side) {
        List<PaintedShape> shapes = new ArrayList<>();
        shapes.add(new PaintedShape(IconGround.of(shape, side), ground, 1));
        double scale = IconGround.room(shape) * side / Math.max(mark.width(), mark.height());
        AffineTransform place = AffineTransform.getTranslateInstance(
                (side - scale * mark.width()) / 2, (side - scale * mark.height()) / 2);
        place.scale(scale, scale);
        if (side >= DRAWN_AS_IT_IS) {
            mark.shapes().forEach(painted -> shapes.add(painted.moved(place)));
        } else {
            for (Map.Entry<Rgb, Area> part : mark.visible().entrySet()) {
                shapes.add(
                        simplified(Areas.rough(part.getValue().createTransformedArea(place), UNSEEN), part.getKey()));
            }
        }
        return new LogoDrawing(side, side, shapes);
    }

    /** @param side in pixels @return the ground in one colour, with the mark cut out of it */
    public LogoDrawing oneColor(int side, Rgb color) {
        LogoDrawing drawn = at(side);
        Area left = new Area(drawn.shapes().get(0).shape());
        drawn.shapes().stream().skip(1).forEach(painted -> left.subtract(new Area(painted.shape())));
        return new LogoDrawing(side, side, List.of(new PaintedShape(left, color, 1)));
    }

    private PaintedShape simplified(Area part, Rgb color) {
        double breadth = breadth(part);
        Rgb seen = breadth < OF_MIXTURES ? strong(color) : color;
        Area opened = Areas.grown(Areas.shrunk(part, PIXEL / 2), PIXEL / 2);
        if (Areas.measure(opened) >= THIN * Areas.measure(part)) {
            return new PaintedShape(Areas.rough(opened, UNSEEN), seen, 1);
        }
        return new PaintedShape(Areas.grown(part, Math.max(0, THICK_ENOUGH - breadth) / 2), seen, 1);
    }

    private Rgb strong(Rgb color) {
        return ContrastRatio.between(color, ground).reaches(OF_THIN_LINES)
                ? color
                : NearestPassing.of(color, ground, OF_THIN_LINES).orElse(ground.ink());
    }

    /** How thick a part is about: its area over half its outline. */
    private static double breadth(Area part) {
        double inner = Areas.measure(part);
        double outer = Areas.measure(Areas.grown(part, PIXEL / 4));
        double outline = (outer - inner) / (PIXEL / 4);
        return outline <= 0 ? OF_MIXTURES : 2 * inner / outline;
    }

    /** @param side in pixels @return on a transparent ground */
    public byte[] png(int side) {
        return at(side).png(side);
    }
}
