package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A change that makes a failing pair readable.
 *
 * @param cost how far the changed colour moves; ΔE00, for a pair turned round that of its new text
 */
public record Remedy(Kind kind, Rgb foreground, Rgb ground, ContrastRatio ratio, double cost) {
    /** What is changed. */
    public enum Kind {
        NEAREST_TEXT,
        NEAREST_GROUND,
        /** Another colour of the brand as text. */
        ANOTHER,
        /** The text becomes the ground, and a text colour of the brand stands on it. */
        TURNED_ROUND
    }

    /**
     * @param brand the colours that the brand has
     * @param texts its text colours
     * @param ratio that must be reached
     * @return in the order of the kinds; those that nothing is found for are missing
     */
    public static List<Remedy> of(Rgb foreground, Rgb ground, List<Rgb> brand, List<Rgb> texts, double ratio) {
        List<Remedy> remedies = new ArrayList<>();
        NearestPassing.of(foreground, ground, ratio)
                .ifPresent(text ->
                        remedies.add(remedy(Kind.NEAREST_TEXT, text, ground, Difference.between(foreground, text))));
        NearestPassing.of(ground, foreground, ratio)
                .ifPresent(under -> remedies.add(
                        remedy(Kind.NEAREST_GROUND, foreground, under, Difference.between(ground, under))));
        nearest(brand, foreground, ground, ratio)
                .ifPresent(
                        text -> remedies.add(remedy(Kind.ANOTHER, text, ground, Difference.between(foreground, text))));
        best(texts, foreground)
                .filter(text -> ContrastRatio.between(text, foreground).reaches(ratio))
                .ifPresent(text -> remedies.add(
                        remedy(Kind.TURNED_ROUND, text, foreground, Difference.between(foreground, text))));
        return remedies;
    }

    private static Remedy remedy(Kind kind, Rgb foreground, Rgb ground, double cost) {
        return new Remedy(kind, foreground, ground, ContrastRatio.between(foreground, ground), cost);
    }

    private static Optional<Rgb> nearest(List<Rgb> brand, Rgb foreground, Rgb ground, double ratio) {
        return brand.stream()
                .filter(color -> !color.equals(foreground))
                .filter(color -> ContrastRatio.between(color, ground).reaches(ratio))
                .min(Comparator.comparingDouble(color -> Difference.between(color, foreground)));
    }

    /** @return the text colour that reads best on a ground; of none nothing */
    public static Optional<Rgb> best(List<Rgb> texts, Rgb ground) {
        return texts.stream().max(Comparator.comparing(text -> ContrastRatio.between(text, ground)));
    }
}
