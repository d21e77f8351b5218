package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads photographs: clusters in OKLab, each represented by a colour that occurs. Chroma and isolation raise a small
 * vivid part above a large dull one.
 */
final class Photograph {
    /** So many pixels are looked at, spread evenly. */
    private static final int SAMPLES = 160_000;
    /** Width of a histogram cell; OKLab units, about twice what is just noticeable. */
    private static final double CELL = 0.04;
    /** Nearer than this to a colour already chosen is the same to the eye of a person choosing; OKLab units. */
    private static final double APART = 0.09;
    /** Cells with a smaller share of the samples are noise. */
    private static final double LEAST_SHARE = 0.0008;

    private static final int MOST = 12;

    private Photograph() {}

    static List<Rgb> colors(Pixels pixels) {
        List<Cell> cells = cells(pixels);
        List<Cell> chosen = new ArrayList<>();
        while (chosen.size() < MOST) {
            Cell next = cells.stream()
                    .filter(cell -> isolation(cell, chosen) >= APART)
                    .max(Comparator.comparingDouble(cell -> salience(cell, chosen)))
                    .orElse(null);
            if (next == null) {
                break;
            }
            chosen.add(next);
        }
        return chosen.stream().map(Cell::representative).distinct().toList();
    }

    private static List<Cell> cells(Pixels pixels) {
        // A multiple of the grid on which regions are counted, so that what is found here is found there.
        int grid = Regions.step(pixels);
        int step = grid * Math.max(1, (int) (Math.sqrt((double) pixels.count() / SAMPLES) / grid));
        Map<Long, Cell> cells = new HashMap<>();
        long samples = 0;
        for (int y = 0; y < pixels.height(); y += step) {
            for (int x = 0; x < pixels.width(); x += step) {
                int argb = pixels.at(x, y);
                if (Alpha.seen(argb)) {
                    Rgb rgb = Rgb.ofPacked(argb);
                    Oklab lab = Oklab.of(rgb);
                    cells.computeIfAbsent(key(lab), key -> new Cell()).add(rgb, lab);
                    samples++;
                }
            }
        }
        double least = samples * LEAST_SHARE;
        return cells.values().stream()
                .filter(cell -> cell.count >= least)
                .sorted(Comparator.comparingInt((Cell cell) -> -cell.count)
                        .thenComparingInt(cell -> cell.representative().packed()))
                .toList();
    }

    private static long key(Oklab lab) {
        return axis(lab.l()) << 20 | axis(lab.a()) << 10 | axis(lab.b());
    }

    private static long axis(double value) {
        return (long) Math.floor(value / CELL) + 256;
    }

    private static double isolation(Cell cell, List<Cell> chosen) {
        return chosen.stream()
                .mapToDouble(other -> cell.mean().distanceTo(other.mean()))
                .min()
                .orElse(1);
    }

    private static double salience(Cell cell, List<Cell> chosen) {
        return Math.sqrt(cell.count) * (0.05 + cell.mean().chroma()) * Math.min(0.4, isolation(cell, chosen));
    }

    private static final class Cell {
        private int count;
        private double l;
        private double a;
        private double b;
        private final Map<Rgb, Integer> colors = new HashMap<>();

        void add(Rgb rgb, Oklab lab) {
            count++;
            l += lab.l();
            a += lab.a();
            b += lab.b();
            colors.merge(rgb, 1, Integer::sum);
        }

        Oklab mean() {
            return new Oklab(l / count, a / count, b / count);
        }

        /** The mean of a cloud of noise may occur nowhere, so the occurring colour nearest to it stands for it. */
        Rgb representative() {
            Oklab mean = mean();
            return colors.keySet().stream()
                    .min(Comparator.comparingDouble((Rgb rgb) -> mean.distanceTo(Oklab.of(rgb)))
                            .thenComparingInt(Rgb::packed))
                    .orElseThrow();
        }
    }
}
