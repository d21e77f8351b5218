package app.zumbido.core.type;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * How large the letters of a face are, in ems. What is not known is 0, and then not compared.
 *
 * @param ascent above the baseline, as lines are laid out
 * @param descent below it, positive
 * @param lineGap between lines
 * @param frequencyWidth average width by how often letters come, see {@link RunningText#frequencyWidth}
 * @param stem how thick an upright stroke is
 * @param contrast the thinnest stroke over the upright one, near 1 where all are alike
 * @param widths by language how wide a character of running text is
 */
public record FaceMetrics(
        double ascent,
        double descent,
        double lineGap,
        double xHeight,
        double capHeight,
        double frequencyWidth,
        double stem,
        double contrast,
        Map<Language, Double> widths) {
    public FaceMetrics {
        Map<Language, Double> inOrder = new EnumMap<>(Language.class);
        inOrder.putAll(widths);
        widths = Collections.unmodifiableMap(inOrder);
    }

    /** Of a face of which only two figures are published. */
    static FaceMetrics published(double frequencyWidth, double xHeight) {
        return new FaceMetrics(0, 0, 0, xHeight, 0, frequencyWidth, 0, 0, Map.of());
    }

    /** @return how much wider a line of the other is, as a factor: in the language where both are measured, else on average */
    public double lineRatio(FaceMetrics other, Language language) {
        Double mine = widths.get(language);
        Double theirs = other.widths.get(language);
        return mine != null && theirs != null ? theirs / mine : other.frequencyWidth / frequencyWidth;
    }
}
