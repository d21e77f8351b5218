package app.zumbido.core.recolor;

import app.zumbido.core.color.Oklch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which areas are shades of one colour: they become shades of one colour again. Black, white and what has no hue of its own
 * stand alone, but for greys among themselves. The numbers were set by eye; no published source.
 */
public final class Families {
    /** Shades of one colour hardly leave its hue; degrees. */
    private static final double SAME_HUE = 12;
    /** OKLCH chroma below which nobody sees a hue. */
    private static final double GREY = 0.025;
    /** OKLCH chroma below which what is very dark or light is taken for black or white. */
    private static final double PALE = 0.05;
    /** OKLCH lightness of what is taken for black, and for white. */
    private static final double BLACK = 0.25;

    private static final double WHITE = 0.93;

    private Families() {}

    /** @return indices of the areas, that with the most of the graphic first; those that stay still are alone */
    static List<List<Integer>> of(List<ColorArea> areas) {
        List<List<Integer>> families = new ArrayList<>();
        IntStream.range(0, areas.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -areas.get(i).share()))
                .forEach(i -> families.stream()
                        .filter(family -> areKin(areas.get(family.get(0)), areas.get(i)))
                        .findFirst()
                        .orElseGet(() -> {
                            families.add(new ArrayList<>());
                            return families.get(families.size() - 1);
                        })
                        .add(i));
        return families;
    }

    /** Whether two areas are shades of one colour. */
    public static boolean areKin(ColorArea one, ColorArea other) {
        return !one.still() && !other.still() && areKin(one.oklch(), other.oklch());
    }

    static boolean areKin(Oklch a, Oklch b) {
        if (isBlackOrWhite(a) || isBlackOrWhite(b)) {
            return false;
        }
        boolean grey = a.c() < GREY;
        if (grey != b.c() < GREY) {
            return false;
        }
        return grey || a.hue().flatMap(hue -> b.hue().map(hue::distanceTo)).orElse(0.0) <= SAME_HUE;
    }

    static boolean isBlackOrWhite(Oklch color) {
        return color.c() < PALE && (color.l() < BLACK || color.l() > WHITE);
    }
}
