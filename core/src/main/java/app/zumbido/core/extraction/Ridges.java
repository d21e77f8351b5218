package app.zumbido.core.extraction;

import java.util.ArrayList;
import java.util.List;

/** Finds the middles of thin strokes that stand alone on one flat ground. */
final class Ridges {
    /** Half the side of the square about a ridge; JPEG keeps hue in squares of 16. Cells. */
    private static final int ABOUT = 8;
    /** Weaker is noise; light, of 255. */
    private static final double LEAST_LIGHT = 20;

    private final Structure structure;
    private final Cells cells;
    /** Sums of all cells above and to the left, one table a channel, each with an empty first row and column. */
    private final int[][] sums;

    private Ridges(Structure structure) {
        this.structure = structure;
        cells = structure.cells();
        sums = new int[][] {sums(16), sums(8), sums(0)};
    }

    static List<Ridge> of(Structure structure) {
        return new Ridges(structure).find();
    }

    private int[] sums(int shift) {
        int across = cells.width + 1;
        int[] table = new int[across * (cells.height + 1)];
        for (int y = 0; y < cells.height; y++) {
            int row = 0;
            for (int x = 0; x < cells.width; x++) {
                int rgb = cells.plain(y * cells.width + x);
                row += rgb == Cells.NOTHING ? 0 : rgb >> shift & 0xFF;
                table[(y + 1) * across + x + 1] = table[y * across + x + 1] + row;
            }
        }
        return table;
    }

    private List<Ridge> find() {
        List<Ridge> ridges = new ArrayList<>();
        for (int y = ABOUT; y < cells.height - ABOUT; y++) {
            for (int x = ABOUT; x < cells.width - ABOUT; x++) {
                int cell = y * cells.width + x;
                if (structure.part(cell) == Patches.NONE && cells.plain(cell) != Cells.NOTHING) {
                    add(cell, x, y, ridges);
                }
            }
        }
        return ridges;
    }

    private void add(int cell, int x, int y, List<Ridge> ridges) {
        int across = bend(cell, 1) >= bend(cell, cells.width) ? 1 : cells.width;
        double light = cells.light(cell);
        double one = light - cells.light(cell - across);
        double other = light - cells.light(cell + across);
        boolean extreme = one * other > 0 || one == 0 && other != 0;
        int ground = extreme ? onlyGround(x, y) : Patches.NONE;
        if (ground == Patches.NONE) {
            return;
        }
        Point mean = structure.plateaus().found.get(ground).mean();
        double away = light - mean.light();
        double strength = Math.abs(away);
        if (strength >= LEAST_LIGHT && one * away >= 0 && other * away >= 0) {
            double shoulder = 1 - (Math.abs(one) + Math.abs(other)) / 2 / strength;
            ridges.add(new Ridge(ground, around(x, y, mean), strength, shoulder));
        }
    }

    private double bend(int cell, int step) {
        return Math.abs(2 * cells.light(cell) - cells.light(cell - 2 * step) - cells.light(cell + 2 * step));
    }

    /** @return the only plateau about a cell, or none if there are others, a gradient, or nothing */
    private int onlyGround(int x, int y) {
        int only = Patches.NONE;
        for (int dy = -ABOUT; dy <= ABOUT; dy += 2) {
            for (int dx = -ABOUT; dx <= ABOUT; dx += 2) {
                int cell = (y + dy) * cells.width + x + dx;
                int part = structure.part(cell);
                if (cells.plain(cell) == Cells.NOTHING
                        || part != Patches.NONE && only != Patches.NONE && part != only) {
                    return Patches.NONE;
                }
                only = part == Patches.NONE ? only : part;
            }
        }
        return only < structure.plateaus().found.size() ? only : Patches.NONE;
    }

    private Point around(int x, int y, Point ground) {
        int side = 2 * ABOUT + 1;
        return new Point(sum(0, x, y), sum(1, x, y), sum(2, x, y)).plus(ground, -side * side);
    }

    private int sum(int channel, int x, int y) {
        int[] table = sums[channel];
        int across = cells.width + 1;
        int top = (y - ABOUT) * across;
        int bottom = (y + ABOUT + 1) * across;
        int left = x - ABOUT;
        int right = x + ABOUT + 1;
        return table[bottom + right] - table[bottom + left] - table[top + right] + table[top + left];
    }
}
