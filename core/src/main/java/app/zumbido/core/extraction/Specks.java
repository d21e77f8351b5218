package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.List;

/**
 * Small vivid things in a photograph that are nowhere even, as a ladybird or the eye of a cat: everywhere in them there is an
 * edge, so no crowd of colours tells of them. They stand together in one place, and unlike all else.
 */
final class Specks {
    /** From this chroma a colour is vivid however small it is; OKLCH. */
    private static final double VIVID = 0.1;
    /** So far from every other colour; OKLab units. */
    private static final double UNLIKE = 0.13;
    /** Share of the picture. */
    private static final double LEAST_SHARE = 0.0004;
    /** The rim between two colours is a mixture of them and never so deep; cells. */
    private static final int DEEP = 3;
    /** Neighbours hang together up to this difference; of 255. */
    private static final int LINKED = 90;
    /** So many of the strongest cells of a thing say what colour it is; share. */
    private static final double STRONGEST = 0.4;

    private Specks() {}

    /** @param means what stands for the rest of the picture */
    static List<Point> beside(Cells cells, List<Point> means) {
        List<Oklab> known = new ArrayList<>(
                means.stream().map(mean -> Oklab.of(mean.toRgb())).toList());
        Patches patches = Patches.of(cells, cell -> isUnlike(cells.at(cell), known), LINKED);
        short[] depths = Depths.of(patches.labels, cells.width, cells.height);
        List<Point> found = new ArrayList<>();
        for (int patch = 0; patch < patches.count; patch++) {
            if (patches.size(patch) >= LEAST_SHARE * cells.count()
                    && patches.cells(patch).anyMatch(cell -> depths[cell] >= DEEP)) {
                Point mean = strongest(cells, patches.cells(patch).toArray());
                if (isUnlike(mean.toRgb().packed(), known)) {
                    known.add(Oklab.of(mean.toRgb()));
                    found.add(mean);
                }
            }
        }
        return found;
    }

    private static boolean isUnlike(int rgb, List<Oklab> known) {
        if (rgb == Cells.NOTHING) {
            return false;
        }
        Oklab lab = Oklab.of(Rgb.ofPacked(rgb));
        return lab.chroma() >= VIVID && known.stream().allMatch(other -> other.distanceTo(lab) >= UNLIKE);
    }

    /** Light on it and dirt in it make a colour weaker, and never stronger. */
    private static Point strongest(Cells cells, int[] members) {
        List<Integer> colors = new ArrayList<>();
        for (int cell : members) {
            colors.add(cells.at(cell));
        }
        colors.sort((one, other) -> Double.compare(chroma(other), chroma(one)));
        int count = Math.max(1, (int) (STRONGEST * colors.size()));
        Point sum = new Point(0, 0, 0);
        for (int i = 0; i < count; i++) {
            sum = sum.plus(Point.of(colors.get(i)), 1.0 / count);
        }
        return sum;
    }

    private static double chroma(int rgb) {
        return Oklab.of(Rgb.ofPacked(rgb)).chroma();
    }
}
