package app.zumbido.core.recolor;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Depths;
import java.util.ArrayList;
import java.util.List;

/** A graphic as a grid of cells, each of which knows what painted it. */
public final class LabelGrid {
    public static final int NOTHING = -1;

    private final int[] labels;
    private final int columns;
    private final int rows;

    /** @param labels row by row; {@link #NOTHING} where nothing is painted */
    public LabelGrid(int[] labels, int columns, int rows) {
        if (labels.length != columns * rows) {
            throw new IllegalArgumentException(labels.length + " cells do not make " + columns + " x " + rows);
        }
        this.labels = labels.clone();
        this.columns = columns;
        this.rows = rows;
    }

    /**
     * What a label is painted with.
     *
     * @param areas indices of the areas that have it: several where a gradient goes from one to the other
     */
    public record Painted(List<Integer> areas) {
        public Painted {
            areas = List.copyOf(areas);
        }
    }

    /**
     * @param areas what is painted, each colour once for those that take part and once for those that do not
     * @param painted by label
     */
    public Graphic graphic(List<Area> areas, List<Painted> painted) {
        int count = areas.size();
        double[] cells = new double[count];
        double[][] borders = new double[count][count];
        int[] best = new int[count];
        int[] deepest = new int[count];
        short[] depths = Depths.of(labels, columns, rows);
        double all = 0;
        double length = 0;
        for (int i = 0; i < labels.length; i++) {
            if (labels[i] == NOTHING) {
                continue;
            }
            all++;
            List<Integer> own = painted.get(labels[i]).areas();
            for (int area : own) {
                cells[area] += 1.0 / own.size();
                if (depths[i] > deepest[area]) {
                    deepest[area] = depths[i];
                    best[area] = i;
                }
            }
            length += border(i, i % columns + 1 < columns ? i + 1 : i, painted, borders);
            length += border(i, i + columns < labels.length ? i + columns : i, painted, borders);
        }
        List<ColorArea> measured = new ArrayList<>();
        for (int area = 0; area < count; area++) {
            measured.add(new ColorArea(
                    List.of(areas.get(area).color()),
                    all == 0 ? 0 : cells[area] / all,
                    (best[area] % columns + 0.5) / columns,
                    (best[area] / columns + 0.5) / rows,
                    areas.get(area).still()));
            for (int other = 0; other < count; other++) {
                borders[area][other] /= Math.max(1, length);
            }
        }
        return new Graphic(measured, borders);
    }

    /** A colour, and whether it stays. */
    public record Area(Rgb color, boolean still) {}

    private double border(int one, int other, List<Painted> painted, double[][] borders) {
        if (labels[other] == NOTHING || labels[one] == labels[other]) {
            return 0;
        }
        List<Integer> ones = painted.get(labels[one]).areas();
        List<Integer> others = painted.get(labels[other]).areas();
        double part = 1.0 / (ones.size() * others.size());
        for (int a : ones) {
            for (int b : others) {
                if (a != b) {
                    borders[a][b] += part;
                    borders[b][a] += part;
                }
            }
        }
        return 1;
    }

    /** A part of the graphic. */
    @FunctionalInterface
    public interface Part {
        /** @param x share of the width @param y share of the height */
        boolean holds(double x, double y);
    }

    /** @return by label which share of its cells lies in the part */
    public double[] inside(int labelCount, Part part) {
        double[] in = new double[labelCount];
        double[] all = new double[labelCount];
        for (int i = 0; i < labels.length; i++) {
            if (labels[i] != NOTHING) {
                all[labels[i]]++;
                in[labels[i]] += part.holds((i % columns + 0.5) / columns, (i / columns + 0.5) / rows) ? 1 : 0;
            }
        }
        for (int label = 0; label < labelCount; label++) {
            in[label] = all[label] == 0 ? 0 : in[label] / all[label];
        }
        return in;
    }
}
