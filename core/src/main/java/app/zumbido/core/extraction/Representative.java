package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;
import java.util.Comparator;
import java.util.Map;

/** Which of the values that occur in an area stands for it. */
final class Representative {
    /** A value that so much of an area has exactly is what it was drawn with; share. */
    private static final double MODE = 0.3;
    /** JPEG favours values of its own, so a frequent one counts only where the mean is; of 255. */
    private static final double AT_MEAN = 3;

    private Representative() {}

    /** @param values how often each occurs; at least one */
    static Rgb of(Point mean, Map<Rgb, Integer> values) {
        int all = values.values().stream().mapToInt(Integer::intValue).sum();
        Comparator<Map.Entry<Rgb, Integer>> byCount = Map.Entry.comparingByValue();
        var mode = values.entrySet().stream()
                .max(byCount.thenComparing(e -> -e.getKey().packed()))
                .orElseThrow();
        if (mode.getValue() >= MODE * all && Point.of(mode.getKey()).distanceTo(mean) <= AT_MEAN) {
            return mode.getKey();
        }
        return values.keySet().stream()
                .min(Comparator.comparingDouble((Rgb rgb) -> Point.of(rgb).distanceTo(mean))
                        .thenComparingInt(Rgb::packed))
                .orElseThrow();
    }
}
