package app.zumbido.formats.logos;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.UnreadableImageException;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Shapes of a picture of few colours. Each pixel belongs to the nearest of them; at an edge between two it is shared, so that
 * outlines stay smooth.
 */
final class ShapesOfPicture {
    /** Half there; of 255. */
    private static final int SOLID = 128;
    /** Squared; what is nearer to a colour is that colour, a little worn. */
    private static final int PURE = 3 * 12 * 12;
    /** Where there is very much in a picture, outlines may be so much coarser. */
    private static final double[] COARSER = {1, 3, 8};
    /** Smoothed edges are no wider; pixels. */
    private static final int REACH = 2;

    private final Pixels pixels;
    private final List<Rgb> colors;
    private final int ground;

    private ShapesOfPicture(Pixels pixels, List<Rgb> colors, int ground) {
        this.pixels = pixels;
        this.colors = colors;
        this.ground = ground;
    }

    /**
     * @param colors of the logo
     * @param ground the colour that it stands on; nothing: it stands on nothing
     * @return a shape for each colour that is there
     */
    static List<PaintedShape> of(Pixels pixels, List<Rgb> colors, Optional<Rgb> ground) {
        List<Rgb> all = new ArrayList<>(colors);
        ground.filter(color -> !all.contains(color)).ifPresent(all::add);
        return new ShapesOfPicture(pixels, all, ground.map(all::indexOf).orElse(-1)).shapes();
    }

    private List<PaintedShape> shapes() {
        int width = pixels.width();
        int height = pixels.height();
        byte[][] coverages = new byte[colors.size()][pixels.count()];
        int[] nearest = new int[pixels.count()];
        for (int i = 0; i < nearest.length; i++) {
            nearest[i] = nearest(pixels.at(solid(i)));
        }
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                share(coverages, nearest, x, y);
            }
        }
        List<List<Outline>> outlines = new ArrayList<>();
        for (byte[] coverage : coverages) {
            outlines.add(Contours.of(width, height, coverage));
        }
        for (double coarse : COARSER) {
            List<PaintedShape> shapes = new ArrayList<>();
            if (shape(outlines, coarse, shapes) <= LogoDrawing.MOST_POINTS) {
                return shapes;
            }
        }
        throw new UnreadableImageException(
                UnreadableImageException.Reason.TOO_LARGE,
                "There is too much in this picture for a logo; give a drawing, or a picture of a few flat colors");
    }

    /** @return how many points the shapes have together */
    private int shape(List<List<Outline>> outlines, double coarse, List<PaintedShape> shapes) {
        int points = 0;
        for (int color = 0; color < colors.size(); color++) {
            if (color != ground) {
                Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
                for (Outline outline : outlines.get(color)) {
                    points += outline.append(path, coarse);
                }
                if (!path.getBounds2D().isEmpty()) {
                    shapes.add(new PaintedShape(path, colors.get(color), 1));
                }
            }
        }
        return points;
    }

    /** A pixel that has none of the colours lies on the way between two that are near it. */
    private void share(byte[][] coverages, int[] nearest, int x, int y) {
        int at = y * pixels.width() + x;
        int alpha = pixels.at(at) >>> 24;
        int own = nearest[at];
        if (!isSolid(at) || isPure(at, own)) {
            coverages[own][at] = (byte) alpha;
            return;
        }
        List<Integer> near = near(nearest, x, y);
        int from = own;
        int to = own;
        // Where a colour runs into another, what is nearest is better than what is between.
        double least = distance(colors.get(own), pixels.at(at));
        for (int one = 0; one < near.size(); one++) {
            for (int other = 0; other < one; other++) {
                double away = away(colors.get(near.get(one)), colors.get(near.get(other)), pixels.at(at));
                if (away < least) {
                    least = away;
                    from = near.get(one);
                    to = near.get(other);
                }
            }
        }
        float share = from == to ? 0 : along(colors.get(from), colors.get(to), pixels.at(at));
        coverages[from][at] = (byte) Math.round(alpha * (1 - share));
        if (share > 0) {
            coverages[to][at] = (byte) Math.round(alpha * share);
        }
    }

    /** @return the colours that are pure nearby */
    private List<Integer> near(int[] nearest, int x, int y) {
        List<Integer> near = new ArrayList<>();
        for (int besideY = y - REACH; besideY <= y + REACH; besideY++) {
            for (int besideX = x - REACH; besideX <= x + REACH; besideX++) {
                int beside = besideY * pixels.width() + besideX;
                if (pixels.contains(besideX, besideY)
                        && isSolid(beside)
                        && !near.contains(nearest[beside])
                        && isPure(beside, nearest[beside])) {
                    near.add(nearest[beside]);
                }
            }
        }
        return near;
    }

    private boolean isPure(int index, int color) {
        return distance(colors.get(color), pixels.at(index)) <= PURE;
    }

    /** How far a pixel lies from the way between two colours, squared. */
    private static double away(Rgb from, Rgb to, int argb) {
        float along = along(from, to, argb);
        double red = from.red() + along * (to.red() - from.red()) - (argb >> 16 & 0xFF);
        double green = from.green() + along * (to.green() - from.green()) - (argb >> 8 & 0xFF);
        double blue = from.blue() + along * (to.blue() - from.blue()) - (argb & 0xFF);
        return red * red + green * green + blue * blue;
    }

    private boolean isSolid(int index) {
        return pixels.at(index) >>> 24 >= SOLID;
    }

    /** Of a pixel that is hardly there the colour is mostly rounding: that of the most solid one beside it counts. */
    private int solid(int index) {
        if (isSolid(index)) {
            return index;
        }
        int x = index % pixels.width();
        int y = index / pixels.width();
        int best = index;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int beside = (y + dy) * pixels.width() + x + dx;
                if (pixels.contains(x + dx, y + dy) && pixels.at(beside) >>> 24 > pixels.at(best) >>> 24) {
                    best = beside;
                }
            }
        }
        return best;
    }

    /** How far a pixel lies on the way from one colour to another, 0 to 1. */
    private static float along(Rgb from, Rgb to, int argb) {
        double[] way = {to.red() - from.red(), to.green() - from.green(), to.blue() - from.blue()};
        double[] gone = {
            (argb >> 16 & 0xFF) - from.red(), (argb >> 8 & 0xFF) - from.green(), (argb & 0xFF) - from.blue()
        };
        double length = way[0] * way[0] + way[1] * way[1] + way[2] * way[2];
        double along = (way[0] * gone[0] + way[1] * gone[1] + way[2] * gone[2]) / length;
        return (float) Math.max(0, Math.min(1, along));
    }

    private int nearest(int argb) {
        int best = 0;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < colors.size(); i++) {
            int distance = distance(colors.get(i), argb);
            if (distance < least) {
                least = distance;
                best = i;
            }
        }
        return best;
    }

    private static int distance(Rgb color, int argb) {
        int red = (argb >> 16 & 0xFF) - color.red();
        int green = (argb >> 8 & 0xFF) - color.green();
        int blue = (argb & 0xFF) - color.blue();
        return red * red + green * green + blue * blue;
    }
}
