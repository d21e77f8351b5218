package app.zumbido.core.logos;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What of a logo has one colour.
 *
 * @param share of the area that the logo covers, 0 to 1
 * @param exposed whether some of it borders on the ground; what stands on another part is seen against that
 */
public record LogoPart(Rgb color, double share, boolean exposed) {
    /** Smaller parts may vanish without the logo (common practice, no published source). */
    public static final double COUNTS = 0.02;

    /** Whether the logo is not seen without it: by its size, and since the ground is beside it. */
    public boolean counts() {
        return exposed && share >= COUNTS;
    }

    /** @return the part that is seen least on the ground, of those that count; nothing of a logo of none */
    public static Optional<LogoPart> weakest(List<LogoPart> parts, Rgb ground) {
        return parts.stream()
                .filter(LogoPart::counts)
                .min(Comparator.comparing(part -> ContrastRatio.between(part.color(), ground)));
    }

    /** Whether every part that counts is seen on the ground. Source: WCAG 2.2, 1.4.11. */
    public static boolean read(List<LogoPart> parts, Rgb ground) {
        return weakest(parts, ground)
                .filter(part -> ContrastRatio.between(part.color(), ground).reaches(WcagLevel.GRAPHICS))
                .isPresent();
    }
}
