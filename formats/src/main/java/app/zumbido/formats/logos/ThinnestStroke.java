package app.zumbido.formats.logos;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How thick the thinnest stroke of a logo is. Every place in the middle of a stroke is as far from both edges as from no
 * place around it; those distances are the half thicknesses. The nearest edge is found exactly. Source: Felzenszwalb and
 * Huttenlocher, Distance Transforms of Sampled Functions, 2012.
 */
final class ThinnestStroke {
    /** Long side of the logo as it is measured; pixels. */
    private static final int LONG_SIDE = 1400;
    /** Of a piece that comes to a point the tip is no stroke: this share of its middles does not count. */
    private static final double TIPS = 0.15;

    /** So much thicker the same stroke may be nearby. */
    private static final double LEVEL = 1.12;
    /** At least so far is nearby; pixels. */
    private static final int NEARBY = 6;
    /** As much as pixels make of a stroke that lies aslant. */
    private static final double ROUNDED = 0.6;
    /** Of the area of the logo; smaller pieces are what rounding leaves. */
    private static final double CRUMB = 0.001;

    private static final float FAR = 1e12f;

    private ThinnestStroke() {}

    /** @return in the units of the logo; 0 of one that shows nothing */
    static double of(LogoDrawing logo) {
        double scale = LONG_SIDE / Math.max(logo.width(), logo.height());
        double crumb = CRUMB
                * logo.visible().values().stream().mapToDouble(Areas::measure).sum();
        return logo.visible().values().stream()
                .flatMap(part -> Islands.of(part).stream())
                .filter(island -> Areas.measure(new Area(island)) > crumb)
                .mapToDouble(island -> of(island, scale))
                .filter(thickness -> thickness > 0)
                .min()
                .orElse(0);
    }

    private static double of(Shape island, double scale) {
        Rectangle2D box = island.getBounds2D();
        int width = (int) Math.ceil(box.getWidth() * scale) + 2;
        int height = (int) Math.ceil(box.getHeight() * scale) + 2;
        List<Double> halves = new ArrayList<>();
        middles(distances(island, scale, width, height), width, height, halves);
        if (halves.isEmpty()) {
            return 0;
        }
        halves.sort(null);
        // From the middle of a pixel to the middle of one outside is half a pixel more than to the edge.
        double half = halves.get((int) (TIPS * halves.size())) - 0.5;
        return 2 * Math.max(0.5, half) / scale;
    }

    private static void middles(float[] squares, int width, int height, List<Double> halves) {
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                float here = squares[y * width + x];
                if (here > 0
                        && isHighest(squares, width, y * width + x, here)
                        && isLevel(squares, width, height, x, y)) {
                    halves.add(Math.sqrt(here));
                }
            }
        }
    }

    private static boolean isHighest(float[] squares, int width, int at, float here) {
        for (int step : new int[] {-width - 1, -width, -width + 1, -1, 1, width - 1, width, width + 1}) {
            if (squares[at + step] > here) {
                return false;
            }
        }
        return true;
    }

    /** A stroke keeps its thickness for a while; towards the tip of a corner it falls off. */
    private static boolean isLevel(float[] squares, int width, int height, int x, int y) {
        double here = Math.sqrt(squares[y * width + x]);
        int reach = Math.max(NEARBY, (int) Math.ceil(here / 2));
        double most = Math.pow(LEVEL * here + ROUNDED, 2);
        for (int beside = Math.max(0, y - reach); beside <= Math.min(height - 1, y + reach); beside++) {
            for (int at = Math.max(0, x - reach); at <= Math.min(width - 1, x + reach); at++) {
                if (squares[beside * width + at] > most) {
                    return false;
                }
            }
        }
        return true;
    }

    /** @return for each pixel of the part the square of how far the nearest one outside is, 0 outside */
    private static float[] distances(Shape part, double scale, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        graphics.translate(1, 1);
        graphics.scale(scale, scale);
        graphics.translate(-part.getBounds2D().getX(), -part.getBounds2D().getY());
        graphics.setColor(Color.WHITE);
        graphics.fill(part);
        graphics.dispose();
        byte[] inside = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        float[] squares = new float[inside.length];
        for (int i = 0; i < squares.length; i++) {
            squares[i] = inside[i] == 0 ? 0 : FAR;
        }
        float[] column = new float[height];
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                column[y] = squares[y * width + x];
            }
            float[] nearest = nearest(column);
            for (int y = 0; y < height; y++) {
                squares[y * width + x] = nearest[y];
            }
        }
        for (int y = 0; y < height; y++) {
            float[] row = nearest(Arrays.copyOfRange(squares, y * width, (y + 1) * width));
            System.arraycopy(row, 0, squares, y * width, width);
        }
        return squares;
    }

    /** The lower envelope of parabolas that stand on each value. */
    private static float[] nearest(float[] values) {
        int count = values.length;
        int[] roots = new int[count];
        float[] from = new float[count + 1];
        int last = 0;
        from[0] = Float.NEGATIVE_INFINITY;
        from[1] = Float.POSITIVE_INFINITY;
        for (int q = 1; q < count; q++) {
            float meets = meet(values, q, roots[last]);
            while (meets <= from[last]) {
                last--;
                meets = meet(values, q, roots[last]);
            }
            last++;
            roots[last] = q;
            from[last] = meets;
            from[last + 1] = Float.POSITIVE_INFINITY;
        }
        float[] nearest = new float[count];
        int at = 0;
        for (int q = 0; q < count; q++) {
            while (from[at + 1] < q) {
                at++;
            }
            float away = q - roots[at];
            nearest[q] = away * away + values[roots[at]];
        }
        return nearest;
    }

    private static float meet(float[] values, int q, int root) {
        double higher = values[q] + (double) q * q;
        double lower = values[root] + (double) root * root;
        return (float) ((higher - lower) / (2.0 * (q - root)));
    }
}
