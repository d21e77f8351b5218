package app.zumbido.benchmarks;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Dealer;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.core.recolor.Stock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** What it costs to deal twelve colours over a graphic of twelve. */
final class RecolorBench {
    private static final int COLORS = 12;
    private static final int GRAPHICS = 10;
    private static final int FURTHER = 6;
    private static final double FIRST_GOAL = 50;
    private static final double FURTHER_GOAL = 100;
    private static final int WARM_UP = 2;

    private RecolorBench() {}

    static List<Figure> run() {
        List<Double> firsts = new ArrayList<>();
        List<Double> further = new ArrayList<>();
        for (int round = 0; round <= WARM_UP; round++) {
            firsts.clear();
            further.clear();
            for (int seed = 0; seed < GRAPHICS; seed++) {
                Random random = new Random(seed);
                Graphic graphic = graphic(random);
                Stock stock = Stock.of(colors(random));
                long begun = System.nanoTime();
                Dealer dealer = new Dealer(graphic, stock, Map.of(), Optional.empty());
                dealer.next();
                firsts.add(milliseconds(begun));
                for (int i = 0; i < FURTHER; i++) {
                    begun = System.nanoTime();
                    dealer.next();
                    further.add(milliseconds(begun));
                }
            }
        }
        return List.of(
                figure("first deal of 12 colours over 12 areas", firsts, FIRST_GOAL),
                figure("each further deal of them", further, FURTHER_GOAL));
    }

    private static double milliseconds(long begun) {
        return (System.nanoTime() - begun) / 1e6;
    }

    private static Figure figure(String name, List<Double> times, double goal) {
        double[] sorted = times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        double most = sorted[sorted.length - 1];
        return new Figure(
                name,
                String.format(Locale.ROOT, "%.0f ms, at most %.0f ms", sorted[sorted.length / 2], most),
                String.format(Locale.ROOT, "under %.0f ms", goal),
                most < goal,
                "median and slowest of " + sorted.length + " on " + GRAPHICS
                        + " graphics by seed, half of whose areas touch; one thread, warm");
    }

    private static List<Rgb> colors(Random random) {
        Set<Rgb> colors = new LinkedHashSet<>();
        while (colors.size() < COLORS) {
            colors.add(Rgb.ofPacked(random.nextInt(1 << 24)));
        }
        return List.copyOf(colors);
    }

    private static Graphic graphic(Random random) {
        double[] shares = random.doubles(COLORS, 0.2, 1).toArray();
        double sum = Arrays.stream(shares).sum();
        List<ColorArea> areas = new ArrayList<>();
        for (Rgb color : colors(random)) {
            areas.add(ColorArea.of(color, shares[areas.size()] / sum));
        }
        double[][] borders = new double[COLORS][COLORS];
        for (int i = 0; i < COLORS; i++) {
            for (int j = 0; j < i; j++) {
                borders[i][j] = random.nextBoolean() ? random.nextDouble() / COLORS : 0;
                borders[j][i] = borders[i][j];
            }
        }
        return new Graphic(areas, borders);
    }
}
