package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.List;

/** Divides a picture among a few colours: how much belongs to each, and where each is best seen. */
final class Regions {
    /** The deepest place is looked for on a grid of at most this many cells. */
    private static final int GRID_CELLS = 500_000;

    /** Farther than any two colours lie from each other in the cube of sRGB. */
    private static final double MOST_APART = 1000;

    private final Pixels pixels;
    private final Labels labels;
    private final List<Rgb> colors;
    private final long[] sizes;
    private long counted;
    private final Place[] places;

    Regions(Pixels pixels, List<Rgb> colors, Labels labels) {
        this.pixels = pixels;
        this.colors = colors;
        this.labels = labels;
        sizes = new long[colors.size()];
        places = new Place[colors.size()];
        measure();
    }

    /** @return share of the picture that belongs to the colour, 0 to 1 */
    double share(int index) {
        return (double) sizes[index] / counted;
    }

    /**
     * @return a pixel with exactly that colour, as far inside its region as the grid tells; where no pixel has it, as
     *     with a stop of a gradient, the one that comes nearest
     */
    Place place(int index) {
        if (places[index] == null) {
            places[index] = nearest(Point.of(colors.get(index)));
        }
        return places[index];
    }

    private Place nearest(Point wanted) {
        int exact = wanted.toRgb().packed();
        for (int i = 0; i < pixels.count(); i++) {
            if (Alpha.seen(pixels.at(i)) && (pixels.at(i) & 0xFFFFFF) == exact) {
                return new Place(i % pixels.width(), i / pixels.width());
            }
        }
        int step = step(pixels);
        Place best = new Place(0, 0);
        double least = Double.POSITIVE_INFINITY;
        for (int y = 0; y < pixels.height(); y += step) {
            for (int x = 0; x < pixels.width(); x += step) {
                int argb = pixels.at(x, y);
                double distance = Alpha.seen(argb) ? wanted.distanceTo(argb) : MOST_APART;
                if (distance < least) {
                    least = distance;
                    best = new Place(x, y);
                }
            }
        }
        return best;
    }

    /** Pixels from one cell of the grid to the next. */
    static int step(Pixels pixels) {
        return Math.max(1, (int) Math.ceil(Math.sqrt((double) pixels.count() / GRID_CELLS)));
    }

    private boolean isExactly(int x, int y, int index) {
        return (pixels.at(x, y) & 0xFFFFFF) == colors.get(index).packed();
    }

    private void measure() {
        int step = step(pixels);
        int columns = (pixels.width() + step - 1) / step;
        int rows = (pixels.height() + step - 1) / step;
        int[] grid = new int[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int label = labels.at(column * step, row * step);
                grid[row * columns + column] = label;
                if (label != Labels.NOTHING) {
                    sizes[label]++;
                }
            }
        }
        counted = grid.length;
        short[] depth = Depths.of(grid, columns, rows);
        short[] best = new short[colors.size()];
        for (int i = 0; i < grid.length; i++) {
            int label = grid[i];
            int x = i % columns * step;
            int y = i / columns * step;
            if (label >= 0 && depth[i] > best[label] && isExactly(x, y, label)) {
                best[label] = depth[i];
                places[label] = new Place(x, y);
            }
        }
    }
}
