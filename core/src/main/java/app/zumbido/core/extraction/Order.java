package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklch;
import java.util.Comparator;

/** The order in which proposals are shown; the ground always comes last. */
public enum Order {
    /** Most of the picture first. */
    COVERAGE(Comparator.comparingDouble((Proposal p) -> -p.coverage().value())),
    /** Reading order of the places. */
    PLACE(Comparator.comparingInt((Proposal p) -> p.place().y())
            .thenComparingInt(p -> p.place().x())),
    /** Dark first. */
    LIGHTNESS(Comparator.comparingDouble((Proposal p) -> Oklch.of(p.color()).l())),
    /** Around the wheel from red; what has no hue to speak of comes after, dark first. */
    HUE(Comparator.comparingDouble(Order::hueRank));

    /** Below this chroma people call a colour grey; OKLCH. Common practice, no published source. */
    private static final double GREYISH = 0.03;

    private final Comparator<Proposal> comparator;

    Order(Comparator<Proposal> comparator) {
        this.comparator = comparator;
    }

    Comparator<Proposal> comparator() {
        return Comparator.comparing(Proposal::ground)
                .thenComparing(comparator)
                .thenComparingInt(p -> p.color().packed());
    }

    private static double hueRank(Proposal proposal) {
        Oklch color = Oklch.of(proposal.color());
        return color.c() < GREYISH
                ? 360 + color.l()
                : color.hue().map(hue -> hue.value()).orElse(360.0);
    }
}
