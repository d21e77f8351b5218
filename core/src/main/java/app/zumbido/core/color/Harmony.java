package app.zumbido.core.color;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Colours that go with a base: its hue turned on the OKLCH circle at the same lightness and chroma, and brought into the
 * gamut; or one hue in several lightnesses and strengths. The angles are those of the trade; common practice, no published
 * source.
 */
public enum Harmony {
    COMPLEMENTARY(180),
    ANALOGOUS(-30, 30),
    TRIAD(120, 240),
    SPLIT_COMPLEMENTARY(150, 210),
    TETRAD(90, 180, 270),
    MONOCHROMATIC();

    /** What the monochromatic series adds to lightness and takes of chroma; OKLCH, set by eye. */
    private static final double[][] SERIES = {{0.22, 0.6}, {0.12, 0.45}, {-0.1, 0.45}, {-0.2, 0.8}};

    private static final double LIGHTEST = 0.96;
    private static final double DARKEST = 0.16;

    private final List<Double> turns;

    Harmony(double... turns) {
        List<Double> list = new ArrayList<>();
        for (double turn : turns) {
            list.add(turn);
        }
        this.turns = List.copyOf(list);
    }

    /**
     * A partner.
     *
     * @param wanted before it was brought into the gamut
     */
    public record Partner(Oklch wanted, Rgb color) {
        static Partner of(Oklch wanted) {
            return new Partner(wanted, GamutMapping.toRgb(wanted));
        }
    }

    /** @return in the order of the angles; none for a grey, which has no hue to turn, but its lightnesses */
    public List<Partner> partnersOf(Oklch base) {
        if (this == MONOCHROMATIC) {
            return series(base);
        }
        return base.hue()
                .map(hue -> turns.stream()
                        .map(turn -> new Oklch(base.l(), base.c(), Optional.of(Degrees.of(hue.value() + turn))))
                        .map(Partner::of)
                        .toList())
                .orElse(List.of());
    }

    private static List<Partner> series(Oklch base) {
        List<Partner> partners = new ArrayList<>();
        for (double[] step : SERIES) {
            double lightness = Math.max(DARKEST, Math.min(LIGHTEST, base.l() + step[0]));
            partners.add(Partner.of(new Oklch(lightness, base.c() * step[1], base.hue())));
        }
        return partners;
    }
}
