package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/** Chips stand in rows and columns: where lettering has torn one apart, its place tells that it is there. */
final class ChipGrid {
    /** Middles of one row or column differ by no more; share of a side. */
    private static final double IN_LINE = 0.25;
    /** So much of a place is no ground where a chip stands; share. */
    private static final double FILLED = 0.6;
    /** So much of a chip has one colour, whatever is written on it; share of what is flat there. */
    private static final double ONE_COLOR = 0.5;

    private ChipGrid() {}

    /** @return the chips and those that the grid has a place for */
    static List<ChipSheet.Chip> completed(List<ChipSheet.Chip> chips, Structure structure, int ground) {
        ChipSheet.Chip typical = chips.get(0);
        List<Integer> columns = lines(chips, ChipSheet.Chip::left, typical.wide() * IN_LINE);
        List<Integer> rows = lines(chips, ChipSheet.Chip::top, typical.high() * IN_LINE);
        List<ChipSheet.Chip> all = new ArrayList<>(chips);
        for (int top : rows) {
            for (int left : columns) {
                boolean taken = all.stream()
                        .anyMatch(chip -> Math.abs(chip.left() - left) < typical.wide() / 2
                                && Math.abs(chip.top() - top) < typical.high() / 2);
                if (!taken) {
                    addAt(left, top, typical, structure, ground, all);
                }
            }
        }
        return all;
    }

    /** @return where the lines begin, as a chip of each does */
    private static List<Integer> lines(List<ChipSheet.Chip> chips, ToIntFunction<ChipSheet.Chip> side, double width) {
        List<Integer> lines = new ArrayList<>();
        chips.stream()
                .mapToInt(side)
                .sorted()
                .filter(at -> lines.isEmpty() || at - lines.get(lines.size() - 1) > width)
                .forEach(lines::add);
        return lines;
    }

    private static void addAt(
            int left, int top, ChipSheet.Chip like, Structure structure, int ground, List<ChipSheet.Chip> all) {
        Cells cells = structure.cells();
        int[] labels = structure.plateaus().labels;
        int right = Math.min(cells.width - 1, left + like.wide() - 1);
        int bottom = Math.min(cells.height - 1, top + like.high() - 1);
        int[] counts = new int[structure.plateaus().found.size()];
        int flat = 0;
        int behind = 0;
        for (int y = top; y <= bottom; y++) {
            for (int x = left; x <= right; x++) {
                int label = labels[y * cells.width + x];
                behind += label != Patches.NONE && label == ground ? 1 : 0;
                if (label != Patches.NONE && label != ground) {
                    counts[label]++;
                    flat++;
                }
            }
        }
        int size = (right - left + 1) * (bottom - top + 1);
        int most = 0;
        for (int i = 0; i < counts.length; i++) {
            most = counts[i] > counts[most] ? i : most;
        }
        if (behind <= (1 - FILLED) * size && flat > 0 && counts[most] >= ONE_COLOR * flat) {
            Map<Rgb, Integer> values = new HashMap<>();
            for (int y = top; y <= bottom; y++) {
                for (int x = left; x <= right; x++) {
                    if (labels[y * cells.width + x] == most) {
                        values.merge(Rgb.ofPacked(cells.pixel(y * cells.width + x) & 0xFFFFFF), 1, Integer::sum);
                    }
                }
            }
            Rgb color = Representative.of(structure.plateaus().found.get(most).mean(), values);
            all.add(new ChipSheet.Chip(left, top, right, bottom, counts[most], color));
        }
    }
}
