package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Recognises a sheet of chips: areas of one size in rows, each of one colour, on a ground. What is printed beside or upon
 * them is no colour of the sheet.
 */
final class ChipSheet {
    /** Fewer areas of one size are no sheet. */
    private static final int LEAST_CHIPS = 3;
    /** A chip fills at least this share of the picture. */
    private static final double LEAST_SHARE = 0.0015;
    /** A chip fills so much of its box; a circle fills 0.79, and lettering takes some away. */
    private static final double LEAST_FILL = 0.6;
    /** Sides of chips differ by no more; share. */
    private static final double SAME_SIZE = 0.12;
    /** Chips are most of what is on the ground; share of its cells. */
    private static final double MOSTLY = 0.75;
    /** Where there is no ground the chips fill nearly all, but for what is written on them; share of the picture. */
    private static final double FULL = 0.7;

    record Chip(int left, int top, int right, int bottom, long cells, Rgb color) {
        int wide() {
            return right - left + 1;
        }

        int high() {
            return bottom - top + 1;
        }

        double middle() {
            return (top + bottom) / 2.0;
        }

        boolean isLike(Chip other) {
            return Math.abs(wide() - other.wide()) <= SAME_SIZE * other.wide() + 2
                    && Math.abs(high() - other.high()) <= SAME_SIZE * other.high() + 2;
        }
    }

    private ChipSheet() {}

    /** @return the colours of the chips in reading order and then the ground, if there is one; nothing if it is no sheet */
    static Optional<List<Rgb>> colors(Structure structure) {
        int ground = ground(structure);
        List<Chip> areas = areas(structure, ground);
        List<Chip> chips = areas.stream()
                .map(area -> areas.stream().filter(area::isLike).toList())
                .max(Comparator.comparingLong(ChipSheet::colorsOf).thenComparingInt(List::size))
                .orElse(List.of());
        if (colorsOf(chips) < LEAST_CHIPS
                || !structure.ramps().found.isEmpty()
                || !isMostOfIt(structure, ground, areas, chips)) {
            return Optional.empty();
        }
        List<Rgb> colors = new ArrayList<>(inReadingOrder(ChipGrid.completed(chips, structure, ground)).stream()
                .map(Chip::color)
                .distinct()
                .toList());
        if (ground != Patches.NONE) {
            Rgb behind = color(structure, ground);
            colors.remove(behind);
            colors.add(behind);
        }
        return Optional.of(colors);
    }

    private static long colorsOf(List<Chip> chips) {
        return chips.stream().map(Chip::color).distinct().count();
    }

    /** Cards beneath the chips are all of one size and colour, and are no drawing beside them. */
    private static boolean isMostOfIt(Structure structure, int ground, List<Chip> areas, List<Chip> chips) {
        int[] labels = structure.plateaus().labels;
        long drawn = Arrays.stream(labels)
                .filter(label -> label != Patches.NONE && label != ground)
                .count();
        long covered = chips.stream().mapToLong(Chip::cells).sum();
        if (ground == Patches.NONE && covered < FULL * structure.cells().count()) {
            return false;
        }
        long cards = areas.stream()
                .filter(area -> !chips.contains(area))
                .filter(area -> areas.stream()
                                .filter(other ->
                                        area.isLike(other) && area.color().equals(other.color()))
                                .count()
                        >= LEAST_CHIPS)
                .mapToLong(Chip::cells)
                .sum();
        return covered >= MOSTLY * (drawn - cards);
    }

    /** @return the plateau along most of the edge */
    private static int ground(Structure structure) {
        Cells cells = structure.cells();
        int[] labels = structure.plateaus().labels;
        int[] along = new int[structure.plateaus().found.size()];
        for (int i = 0; i < labels.length; i++) {
            int x = i % cells.width;
            int y = i / cells.width;
            boolean edge = x == 0 || y == 0 || x == cells.width - 1 || y == cells.height - 1;
            if (edge && labels[i] != Patches.NONE) {
                along[labels[i]]++;
            }
        }
        int most = Patches.NONE;
        for (int i = 0; i < along.length; i++) {
            most = along[i] > (most == Patches.NONE ? cells.width + cells.height : along[most]) ? i : most;
        }
        return most;
    }

    private static List<Chip> areas(Structure structure, int ground) {
        Cells cells = structure.cells();
        int[] labels = structure.plateaus().labels;
        Patches patches = Patches.of(cells, cell -> labels[cell] != Patches.NONE && labels[cell] != ground, 3);
        int[][] boxes = new int[patches.count][];
        List<Map<Rgb, Integer>> values = new ArrayList<>();
        List<Point> sums = new ArrayList<>();
        for (int i = 0; i < patches.count; i++) {
            boxes[i] = new int[] {Integer.MAX_VALUE, Integer.MAX_VALUE, 0, 0, 0};
            values.add(new HashMap<>());
            sums.add(new Point(0, 0, 0));
        }
        for (int i = 0; i < cells.count(); i++) {
            int patch = patches.labels[i];
            if (patch != Patches.NONE) {
                int[] box = boxes[patch];
                box[0] = Math.min(box[0], i % cells.width);
                box[1] = Math.min(box[1], i / cells.width);
                box[2] = Math.max(box[2], i % cells.width);
                box[3] = Math.max(box[3], i / cells.width);
                box[4]++;
                values.get(patch).merge(Rgb.ofPacked(cells.pixel(i) & 0xFFFFFF), 1, Integer::sum);
                sums.set(patch, sums.get(patch).plus(Point.of(cells.at(i)), 1));
            }
        }
        List<Chip> areas = new ArrayList<>();
        for (int i = 0; i < patches.count; i++) {
            int[] box = boxes[i];
            long inBox = (long) (box[2] - box[0] + 1) * (box[3] - box[1] + 1);
            if (box[4] >= LEAST_SHARE * cells.count() && box[4] >= LEAST_FILL * inBox) {
                Point mean = new Point(0, 0, 0).plus(sums.get(i), 1.0 / box[4]);
                areas.add(new Chip(box[0], box[1], box[2], box[3], box[4], Representative.of(mean, values.get(i))));
            }
        }
        return areas;
    }

    /** A new row begins where a chip's middle lies beneath the row before. */
    private static List<Chip> inReadingOrder(List<Chip> chips) {
        List<Chip> byHeight = new ArrayList<>(chips);
        byHeight.sort(Comparator.comparingDouble(Chip::middle));
        List<Chip> ordered = new ArrayList<>();
        List<Chip> row = new ArrayList<>();
        for (Chip chip : byHeight) {
            if (!row.isEmpty() && chip.middle() - row.get(0).middle() > chip.high() / 2.0) {
                row.sort(Comparator.comparingInt(Chip::left));
                ordered.addAll(row);
                row.clear();
            }
            row.add(chip);
        }
        row.sort(Comparator.comparingInt(Chip::left));
        ordered.addAll(row);
        return ordered;
    }

    private static Rgb color(Structure structure, int plateau) {
        Map<Rgb, Integer> values = new HashMap<>();
        for (int i = 0; i < structure.cells().count(); i++) {
            if (structure.plateaus().labels[i] == plateau) {
                values.merge(Rgb.ofPacked(structure.cells().pixel(i) & 0xFFFFFF), 1, Integer::sum);
            }
        }
        return Representative.of(structure.plateaus().found.get(plateau).mean(), values);
    }
}
