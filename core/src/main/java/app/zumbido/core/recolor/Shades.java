package app.zumbido.core.recolor;

import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How the shades of one colour become shades of another: the largest, or the one that somebody has decided about, becomes the
 * colour itself, the others the steps of its ladder that lie as far from it in lightness as they did, in the same order.
 */
final class Shades {
    /** More than any change of lightness costs. */
    private static final double MISSED = 1;

    private final List<ColorArea> areas;
    private final List<Integer> byLightness;
    private final int largest;

    /** @param family indices of areas, the largest first */
    Shades(List<ColorArea> areas, List<Integer> family) {
        this.areas = areas;
        this.largest = family.get(0);
        this.byLightness = family.stream()
                .sorted(Comparator.comparingDouble(i -> -areas.get(i).oklch().l()))
                .toList();
    }

    /**
     * @param row what the colour may become, the lightest first
     * @param anchor what the largest area is to become
     * @return by area its colour
     */
    Map<Integer, Rgb> on(List<Rgb> row, Rgb anchor) {
        return on(row, anchor, largest, Map.of());
    }

    /**
     * @param measure the area that is to become the anchor
     * @param kept areas that somebody has decided about
     */
    Map<Integer, Rgb> on(List<Rgb> row, Rgb anchor, int measure, Map<Integer, Rgb> kept) {
        double shift = Oklch.of(anchor).l() - areas.get(measure).oklch().l();
        int shades = byLightness.size();
        int steps = row.size();
        double[] lightness =
                row.stream().mapToDouble(color -> Oklch.of(color).l()).toArray();
        boolean apart = shades <= steps;
        // Least cost of the first shades on the first steps, and which step the last of them takes.
        double[][] cost = new double[shades + 1][steps + 1];
        int[][] taken = new int[shades + 1][steps + 1];
        for (int s = 1; s <= shades; s++) {
            cost[s][0] = Double.MAX_VALUE / 4;
            int area = byLightness.get(s - 1);
            double wanted = areas.get(area).oklch().l() + shift;
            for (int r = 1; r <= steps; r++) {
                double off = lightness[r - 1] - wanted;
                boolean isMissed = area == measure && !row.get(r - 1).equals(anchor);
                double own = off * off + (isMissed ? MISSED : 0) + cost[s - 1][apart ? r - 1 : r];
                boolean here = own <= cost[s][r - 1];
                cost[s][r] = here ? own : cost[s][r - 1];
                taken[s][r] = here ? r : taken[s][r - 1];
            }
        }
        Map<Integer, Rgb> colors = new HashMap<>();
        int r = steps;
        for (int s = shades; s >= 1; s--) {
            int step = taken[s][r];
            colors.put(byLightness.get(s - 1), row.get(step - 1));
            r = apart ? step - 1 : step;
        }
        IntStream.range(0, shades)
                .map(byLightness::get)
                .filter(kept::containsKey)
                .forEach(i -> colors.put(i, kept.get(i)));
        return colors;
    }
}
