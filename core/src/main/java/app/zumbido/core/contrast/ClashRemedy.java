package app.zumbido.core.contrast;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.GamutMapping;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A change after which two colours no longer vibrate side by side; hue is kept.
 *
 * @param from the colour that is changed
 * @param cost how far it moves; ΔE00
 */
public record ClashRemedy(Kind kind, Rgb from, Rgb to, double cost) {
    /** How it is changed. */
    public enum Kind {
        QUIETER,
        LIGHTER,
        DARKER
    }

    /** How finely is searched; OKLCH. */
    private static final double CHROMA_STEP = 0.005;

    private static final double LIGHTNESS_STEP = 0.01;

    /** @return the nearest of each kind for either colour, the least cost first; none if they do not clash */
    public static List<ClashRemedy> of(Rgb one, Rgb other) {
        List<ClashRemedy> remedies = new ArrayList<>();
        if (Clash.between(one, other)) {
            for (Kind kind : Kind.values()) {
                nearest(kind, one, other).ifPresent(remedies::add);
                nearest(kind, other, one).ifPresent(remedies::add);
            }
            remedies.sort(Comparator.comparingDouble(ClashRemedy::cost));
        }
        return remedies;
    }

    private static Optional<ClashRemedy> nearest(Kind kind, Rgb from, Rgb beside) {
        Oklch start = Oklch.of(from);
        for (int step = 1; step * LIGHTNESS_STEP <= 1; step++) {
            Oklch moved = switch (kind) {
                case QUIETER -> start.withChroma(Math.max(0, start.c() - step * CHROMA_STEP));
                case LIGHTER -> start.withLightness(Math.min(1, start.l() + step * LIGHTNESS_STEP));
                case DARKER -> start.withLightness(Math.max(0, start.l() - step * LIGHTNESS_STEP));
            };
            Rgb to = GamutMapping.toRgb(moved);
            if (!Clash.between(to, beside)) {
                return Optional.of(new ClashRemedy(kind, from, to, Difference.between(from, to)));
            }
        }
        return Optional.empty();
    }
}
