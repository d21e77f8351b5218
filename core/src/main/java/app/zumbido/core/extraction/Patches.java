package app.zumbido.core.extraction;

import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Which cells hang together: neighbours that both take part and differ little. */
final class Patches {
    static final int NONE = -1;

    /** Per cell: number of its patch from 0, or {@link #NONE}. */
    final int[] labels;

    /** How many patches there are. */
    final int count;

    /** The cells of all patches, patch after patch. */
    private final int[] members;
    /** Where the cells of each patch begin, and where those of the last one end. */
    private final int[] starts;

    private Patches(int[] labels, int count) {
        this.labels = labels;
        this.count = count;
        starts = new int[count + 1];
        for (int label : labels) {
            if (label != NONE) {
                starts[label + 1]++;
            }
        }
        for (int i = 0; i < count; i++) {
            starts[i + 1] += starts[i];
        }
        members = new int[starts[count]];
        int[] next = starts.clone();
        for (int cell = 0; cell < labels.length; cell++) {
            if (labels[cell] != NONE) {
                members[next[labels[cell]]++] = cell;
            }
        }
    }

    /** @return how many cells a patch has */
    int size(int patch) {
        return starts[patch + 1] - starts[patch];
    }

    /** @return the cells of a patch, row by row */
    IntStream cells(int patch) {
        return Arrays.stream(members, starts[patch], starts[patch + 1]);
    }

    /**
     * @param takesPart by index of the cell
     * @param most difference of a channel up to which neighbours hang together; of 255
     */
    static Patches of(Cells cells, IntPredicate takesPart, int most) {
        int[] labels = new int[cells.count()];
        Arrays.fill(labels, NONE);
        int[] stack = new int[cells.count()];
        int count = 0;
        for (int start = 0; start < labels.length; start++) {
            if (labels[start] == NONE && takesPart.test(start)) {
                int top = 0;
                stack[top++] = start;
                labels[start] = count;
                while (top > 0) {
                    int cell = stack[--top];
                    int x = cell % cells.width;
                    int y = cell / cells.width;
                    for (int side = 0; side < 4; side++) {
                        int nx = x + (side == 0 ? 1 : side == 1 ? -1 : 0);
                        int ny = y + (side == 2 ? 1 : side == 3 ? -1 : 0);
                        if (nx < 0 || ny < 0 || nx >= cells.width || ny >= cells.height) {
                            continue;
                        }
                        int next = ny * cells.width + nx;
                        if (labels[next] == NONE
                                && takesPart.test(next)
                                && Cells.apart(cells.at(cell), cells.at(next)) <= most) {
                            labels[next] = count;
                            stack[top++] = next;
                        }
                    }
                }
                count++;
            }
        }
        return new Patches(labels, count);
    }
}
