package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.List;

/** A picture divided among the colours that it is made of. */
public final class Division {
    /** Which colours a smoothed pixel is mixed of lies no farther away; pixels. */
    private static final int REACH = 2;

    private final Pixels pixels;
    private final List<Rgb> colors;
    private final Labels labels;
    private final Nearest nearest;

    private Division(Pixels pixels, List<Rgb> colors, boolean exact) {
        this.pixels = pixels;
        this.colors = List.copyOf(colors);
        this.labels = new Labels(pixels, this.colors, exact);
        this.nearest = new Nearest(this.colors);
    }

    /** @return nothing to divide among if the picture is empty */
    public static Division of(Pixels pixels, Extraction extraction) {
        List<Rgb> colors = extraction.proposals().stream()
                .map(Proposal::color)
                .distinct()
                .limit(Nearest.MOST)
                .toList();
        return new Division(pixels, colors, extraction.exact());
    }

    public List<Rgb> colors() {
        return colors;
    }

    /** @return index of the colour that a pixel belongs to; -1 where the picture is transparent */
    public int at(int x, int y) {
        return labels.at(x, y);
    }

    /** How a pixel is mixed of two of the colours. @param share of the second, 0 to 1 */
    public record Mixture(int one, int other, double share) {}

    /** @return what a pixel that is not transparent is mixed of: mostly of one colour alone, at smoothed edges of two */
    public Mixture mixture(int x, int y) {
        int argb = pixels.at(x, y);
        int exact = nearest.exactIndexOf(argb);
        if (exact >= 0) {
            return new Mixture(exact, exact, 0);
        }
        int own = labels.at(x, y);
        Mixture best = new Mixture(own, own, 0);
        double least = distance(argb, best);
        int seen = 0;
        int[] around = new int[(2 * REACH + 1) * (2 * REACH + 1)];
        for (int dy = -REACH; dy <= REACH; dy++) {
            for (int dx = -REACH; dx <= REACH; dx++) {
                if (pixels.contains(x + dx, y + dy) && Alpha.seen(pixels.at(x + dx, y + dy))) {
                    int other = nearest.indexOf(pixels.at(x + dx, y + dy));
                    seen = add(other, around, seen);
                }
            }
        }
        seen = add(own, around, seen);
        for (int i = 0; i < seen; i++) {
            for (int j = 0; j < i; j++) {
                Mixture mixture = between(argb, around[i], around[j]);
                double distance = distance(argb, mixture);
                if (distance < least - 1) {
                    least = distance;
                    best = mixture;
                }
            }
        }
        return best;
    }

    private static int add(int label, int[] labels, int count) {
        for (int i = 0; i < count; i++) {
            if (labels[i] == label) {
                return count;
            }
        }
        labels[count] = label;
        return count + 1;
    }

    private Mixture between(int argb, int one, int other) {
        Rgb from = colors.get(one);
        Rgb to = colors.get(other);
        double along = 0;
        double length = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double a = from.packed() >> shift & 0xFF;
            double way = (to.packed() >> shift & 0xFF) - a;
            along += ((argb >> shift & 0xFF) - a) * way;
            length += way * way;
        }
        return new Mixture(one, other, length == 0 ? 0 : Math.max(0, Math.min(1, along / length)));
    }

    private double distance(int argb, Mixture mixture) {
        int one = colors.get(mixture.one()).packed();
        int other = colors.get(mixture.other()).packed();
        double distance = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double a = one >> shift & 0xFF;
            double mixed = a + mixture.share() * ((other >> shift & 0xFF) - a);
            double off = (argb >> shift & 0xFF) - mixed;
            distance += off * off;
        }
        return Math.sqrt(distance);
    }
}
