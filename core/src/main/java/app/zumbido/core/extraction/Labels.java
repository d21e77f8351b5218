package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.List;

/**
 * Which colour each pixel of a picture belongs to. In artwork a smoothed edge belongs to one of the colours beside it,
 * even if its mixture happens to lie nearer to a third.
 */
final class Labels {
    static final int NOTHING = -1;

    /** How far from a smoothed pixel the colours are looked for that it is mixed of; pixels. */
    private static final int REACH = 2;

    private final Pixels pixels;
    private final Nearest nearest;
    private final boolean exact;

    /** @param exact whether what is flat has exactly one of the colours */
    Labels(Pixels pixels, List<Rgb> colors, boolean exact) {
        this.pixels = pixels;
        nearest = new Nearest(colors);
        this.exact = exact;
    }

    /** @return index of the colour, or {@link #NOTHING} where the picture is transparent */
    int at(int x, int y) {
        int argb = pixels.at(x, y);
        if (!Alpha.seen(argb)) {
            return NOTHING;
        }
        int known = nearest.exactIndexOf(argb);
        if (known >= 0) {
            return known;
        }
        return exact ? besides(x, y, argb) : nearest.indexOf(argb);
    }

    private int besides(int x, int y, int argb) {
        int best = NOTHING;
        for (int dy = -REACH; dy <= REACH; dy++) {
            for (int dx = -REACH; dx <= REACH; dx++) {
                if (pixels.contains(x + dx, y + dy) && Alpha.seen(pixels.at(x + dx, y + dy))) {
                    int beside = nearest.exactIndexOf(pixels.at(x + dx, y + dy));
                    best = beside >= 0 && beside != best ? nearest.nearerOf(argb, best, beside) : best;
                }
            }
        }
        return best == NOTHING ? nearest.indexOf(argb) : best;
    }
}
