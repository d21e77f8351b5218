package app.zumbido.core.extraction;

import java.util.Arrays;

/** How far inside its patch each cell of a labelled grid lies. */
public final class Depths {
    private final int[] labels;
    private final short[] depth;
    private final int columns;
    private final int rows;

    private Depths(int[] labels, int columns, int rows) {
        this.labels = labels;
        this.columns = columns;
        this.rows = rows;
        depth = new short[labels.length];
        Arrays.fill(depth, Short.MAX_VALUE);
    }

    /** @return chessboard distance to the nearest cell of another label or the edge, by one sweep down and one up */
    public static short[] of(int[] labels, int columns, int rows) {
        Depths depths = new Depths(labels, columns, rows);
        for (int i = 0; i < labels.length; i++) {
            depths.sweep(i, -1);
        }
        for (int i = labels.length - 1; i >= 0; i--) {
            depths.sweep(i, 1);
        }
        return depths.depth;
    }

    private void sweep(int i, int direction) {
        int column = i % columns;
        int row = i / columns;
        int nearestEdge = depth[i];
        for (int dc = -1; dc <= 1; dc++) {
            nearestEdge = Math.min(nearestEdge, step(i, column + dc, row + direction));
        }
        nearestEdge = Math.min(nearestEdge, step(i, column + direction, row));
        depth[i] = (short) nearestEdge;
    }

    private int step(int from, int column, int row) {
        if (column < 0 || row < 0 || column >= columns || row >= rows) {
            return 1;
        }
        int to = row * columns + column;
        return labels[to] == labels[from] ? Math.min(Short.MAX_VALUE, depth[to] + 1) : 1;
    }
}
