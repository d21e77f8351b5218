package app.zumbido.core.recolor;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The areas of a graphic and how they touch.
 *
 * @param areas each colour once
 * @param borders by two areas how long they run side by side: a share of all borders, the same both ways
 */
public record Graphic(List<ColorArea> areas, double[][] borders) {
    /** Shorter borders are crumbs of the drawing; a share of all borders. */
    public static final double CRUMB = 0.002;

    public Graphic {
        areas = List.copyOf(areas);
        borders = Arrays.stream(borders).map(double[]::clone).toArray(double[][]::new);
    }

    /** Whether people see the two side by side. */
    public boolean touch(int one, int other) {
        return one != other && borders[one][other] >= CRUMB;
    }

    /** @return where a colour is; -1 if it is in no area that takes part */
    public int indexOf(Rgb color) {
        return IntStream.range(0, areas.size())
                .filter(i -> !areas.get(i).still() && areas.get(i).colors().contains(color))
                .findFirst()
                .orElse(-1);
    }

    /** @param difference colours that lie no farther from that of a larger area become one with it; ΔE00 */
    public Graphic grouped(double difference) {
        List<Integer> order = IntStream.range(0, areas.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -areas.get(i).share()))
                .toList();
        List<ColorArea> grouped = new ArrayList<>();
        int[] group = new int[areas.size()];
        for (int i : order) {
            ColorArea area = areas.get(i);
            int found = IntStream.range(0, grouped.size())
                    .filter(g -> grouped.get(g).still() == area.still())
                    .filter(g -> Difference.between(grouped.get(g).color(), area.color()) <= difference)
                    .findFirst()
                    .orElse(-1);
            if (found < 0) {
                group[i] = grouped.size();
                grouped.add(area);
            } else {
                group[i] = found;
                grouped.set(found, grouped.get(found).and(area));
            }
        }
        return new Graphic(grouped, merged(borders, group, grouped.size()));
    }

    private static double[][] merged(double[][] borders, int[] group, int count) {
        double[][] merged = new double[count][count];
        for (int i = 0; i < group.length; i++) {
            for (int j = 0; j < group.length; j++) {
                if (group[i] != group[j]) {
                    merged[group[i]][group[j]] += borders[i][j];
                }
            }
        }
        return merged;
    }

    /** @return several graphics as one, so that one mapping serves all: the same colour is one area in all of them */
    public static Graphic together(List<Graphic> graphics) {
        List<ColorArea> areas = new ArrayList<>();
        Map<Object, Integer> known = new HashMap<>();
        List<int[]> places = new ArrayList<>();
        for (Graphic graphic : graphics) {
            int[] place = new int[graphic.areas.size()];
            for (int i = 0; i < place.length; i++) {
                ColorArea area = graphic.areas.get(i);
                ColorArea part =
                        new ColorArea(area.colors(), area.share() / graphics.size(), area.x(), area.y(), area.still());
                Integer at = known.putIfAbsent(List.of(area.color(), area.still()), areas.size());
                place[i] = at == null ? areas.size() : at;
                if (at == null) {
                    areas.add(part);
                } else {
                    areas.set(at, areas.get(at).and(part));
                }
            }
            places.add(place);
        }
        double[][] borders = new double[areas.size()][areas.size()];
        for (int g = 0; g < graphics.size(); g++) {
            int[] place = places.get(g);
            for (int i = 0; i < place.length; i++) {
                for (int j = 0; j < place.length; j++) {
                    borders[place[i]][place[j]] += graphics.get(g).borders[i][j] / graphics.size();
                }
            }
        }
        return new Graphic(areas, borders);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Graphic graphic
                && areas.equals(graphic.areas)
                && Arrays.deepEquals(borders, graphic.borders);
    }

    @Override
    public int hashCode() {
        return 31 * areas.hashCode() + Arrays.deepHashCode(borders);
    }

    @Override
    public String toString() {
        return "Graphic" + areas;
    }
}
