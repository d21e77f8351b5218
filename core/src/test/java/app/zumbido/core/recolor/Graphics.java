package app.zumbido.core.recolor;

import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Graphics for tests. */
final class Graphics {
    private Graphics() {}

    static List<Rgb> colors(String... hexes) {
        return Arrays.stream(hexes).map(Rgb::ofHex).toList();
    }

    /** Bands of the same width, one beneath the other. */
    static Graphic bands(String... hexes) {
        double[] shares = new double[hexes.length];
        Arrays.fill(shares, 1.0 / hexes.length);
        return bands(shares, hexes);
    }

    static Graphic bands(double[] shares, String... hexes) {
        List<ColorArea> areas = new ArrayList<>();
        double[][] borders = new double[hexes.length][hexes.length];
        for (int i = 0; i < hexes.length; i++) {
            areas.add(ColorArea.of(Rgb.ofHex(hexes[i]), shares[i]));
            if (i > 0) {
                borders[i][i - 1] = 1.0 / (hexes.length - 1);
                borders[i - 1][i] = borders[i][i - 1];
            }
        }
        return new Graphic(areas, borders);
    }

    /** Areas of chance sizes, half of which touch, in colours that are told apart. */
    static Graphic random(Random random, int count) {
        double[] shares = random.doubles(count, 0.2, 1).toArray();
        double sum = Arrays.stream(shares).sum();
        List<ColorArea> areas = new ArrayList<>();
        for (Rgb color : distinct(random, count)) {
            areas.add(ColorArea.of(color, shares[areas.size()] / sum));
        }
        double[][] borders = new double[count][count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < i; j++) {
                borders[i][j] = random.nextBoolean() ? random.nextDouble() / count : 0;
                borders[j][i] = borders[i][j];
            }
        }
        return new Graphic(areas, borders);
    }

    /** Colours of which no two are shades of one. */
    static List<Rgb> distinct(Random random, int count) {
        List<Rgb> colors = new ArrayList<>();
        while (colors.size() < count) {
            Rgb color = Rgb.ofPacked(random.nextInt(1 << 24));
            boolean kin =
                    colors.stream().anyMatch(other -> Families.areKin(ColorArea.of(other, 0), ColorArea.of(color, 0)));
            if (!kin) {
                colors.add(color);
            }
        }
        return colors;
    }

    static List<Rgb> offered(Random random, int count) {
        Set<Rgb> colors = new LinkedHashSet<>();
        while (colors.size() < count) {
            colors.add(Rgb.ofPacked(random.nextInt(1 << 24)));
        }
        return List.copyOf(colors);
    }
}
