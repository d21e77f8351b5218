package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.ArrayList;
import java.util.List;

/**
 * A foreground on a background and what it may be used for.
 *
 * @param text whether body text reads
 * @param largeText whether text from 18 pt, or 14 pt bold, reads
 * @param graphics whether lines and shapes can be made out
 */
public record Pair(
        Rgb foreground, Rgb background, ContrastRatio ratio, boolean text, boolean largeText, boolean graphics) {

    public static Pair of(Rgb foreground, Rgb background, WcagLevel level) {
        ContrastRatio ratio = ContrastRatio.between(foreground, background);
        return new Pair(
                foreground,
                background,
                ratio,
                ratio.reaches(level.text()),
                ratio.reaches(level.largeText()),
                ratio.reaches(WcagLevel.GRAPHICS));
    }

    /** @return every colour on every other, foregrounds in the order given, for each background in turn */
    public static List<Pair> all(List<Rgb> colors, WcagLevel level) {
        List<Rgb> distinct = colors.stream().distinct().toList();
        List<Pair> pairs = new ArrayList<>();
        for (Rgb background : distinct) {
            for (Rgb foreground : distinct) {
                if (!foreground.equals(background)) {
                    pairs.add(of(foreground, background, level));
                }
            }
        }
        return pairs;
    }
}
