package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.Arrays;
import java.util.List;

/** Divides a picture among a few colours: how much belongs to each, and where each is best seen. */
final class Regions {
    /** The deepest place is looked for on a grid of at most this many cells. */
    private static final int GRID_CELLS = 1_000_000;

    private final Pixels pixels;
    private final Labels labels;
    private final List<Rgb> colors;
    /** Pixels from one that is counted to the next; a photograph is counted on the grid only. */
    private final int stride;

    private final long[] sizes;
    private long counted;
    private final Place[] places;

    Regions(Reading reading, Pixels pixels, List<Rgb> colors, Labels labels) {
        this.pixels = pixels;
        stride = reading == Reading.PHOTOGRAPH ? step(pixels) : 1;
        this.colors = colors;
        this.labels = labels;
        sizes = new long[colors.size()];
        places = new Place[colors.size()];
        measure();
        findDeepest();
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
            places[index] = nearest(Oklab.of(colors.get(index)));
        }
        return places[index];
    }

    private Place nearest(Oklab wanted) {
        int step = step(pixels);
        Place best = new Place(0, 0);
        double least = Double.POSITIVE_INFINITY;
        for (int y = 0; y < pixels.height(); y += step) {
            for (int x = 0; x < pixels.width(); x += step) {
                int argb = pixels.at(x, y);
                double distance = Alpha.seen(argb) ? wanted.distanceTo(Oklab.of(Rgb.ofPacked(argb))) : 2;
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

    private void measure() {
        for (int y = 0; y < pixels.height(); y += stride) {
            for (int x = 0; x < pixels.width(); x += stride) {
                counted++;
                int index = labels.at(x, y);
                if (index != Labels.NOTHING) {
                    sizes[index]++;
                    if (places[index] == null && isExactly(x, y, index)) {
                        places[index] = new Place(x, y);
                    }
                }
            }
        }
    }

    private boolean isExactly(int x, int y, int index) {
        return (pixels.at(x, y) & 0xFFFFFF) == colors.get(index).packed();
    }

    private void findDeepest() {
        int step = step(pixels);
        int columns = (pixels.width() + step - 1) / step;
        int rows = (pixels.height() + step - 1) / step;
        byte[] grid = new byte[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                grid[row * columns + column] = (byte) labels.at(column * step, row * step);
            }
        }
        short[] depth = depths(grid, columns, rows);
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

    /** Chessboard distance to the nearest cell of another colour or the edge, by one sweep down and one up. */
    private static short[] depths(byte[] labels, int columns, int rows) {
        short[] depth = new short[labels.length];
        Arrays.fill(depth, Short.MAX_VALUE);
        for (int i = 0; i < labels.length; i++) {
            sweep(labels, depth, columns, rows, i, -1);
        }
        for (int i = labels.length - 1; i >= 0; i--) {
            sweep(labels, depth, columns, rows, i, 1);
        }
        return depth;
    }

    private static void sweep(byte[] labels, short[] depth, int columns, int rows, int i, int direction) {
        int column = i % columns;
        int row = i / columns;
        int nearestEdge = depth[i];
        for (int dc = -1; dc <= 1; dc++) {
            nearestEdge = Math.min(nearestEdge, step(labels, depth, columns, rows, i, column + dc, row + direction));
        }
        nearestEdge = Math.min(nearestEdge, step(labels, depth, columns, rows, i, column + direction, row));
        depth[i] = (short) nearestEdge;
    }

    private static int step(byte[] labels, short[] depth, int columns, int rows, int from, int column, int row) {
        if (column < 0 || row < 0 || column >= columns || row >= rows) {
            return 1;
        }
        int to = row * columns + column;
        return labels[to] == labels[from] ? Math.min(Short.MAX_VALUE, depth[to] + 1) : 1;
    }
}
