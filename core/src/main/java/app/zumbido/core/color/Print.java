package app.zumbido.core.color;

/**
 * What the press makes of a colour.
 *
 * @param printed what the inks look like on white paper
 * @param difference between both; ΔE00
 * @param blackText whether text in it should be black ink alone, since fine strokes of four plates never meet exactly;
 *     common practice, no published source
 */
public record Print(Cmyk inks, Rgb printed, double difference, Reach reach, boolean blackText) {
    /** How well the press reaches a colour. */
    public enum Reach {
        REACHED,
        /** Seen beside the screen, it is another colour. */
        OUT_OF_REACH,
        /** What makes it shine is lost. */
        LOSES_ITS_GLOW
    }

    /** Half of all that a screen shows differs by more than 3 in print, so only more is worth a word; ΔE00. */
    private static final double FAR = 6;

    private static final double VERY_FAR = 12;
    /** Blacks differ by the paper's own black, which nobody minds; CIELAB lightness. Common practice, no source. */
    private static final double NEAR_BLACK = 20;
    /** Below this chroma nobody names a hue of a black; CIELAB, set by eye. */
    private static final double COLORLESS = 8;
    /** Less than half a percent of any ink is none; share. */
    private static final double NO_INK = 0.005;
    /** More wet ink than this does not dry; share of four full inks, common practice, no published source. */
    private static final double MOST_INK = 3;

    public static Print of(Rgb color, PressProfile press) {
        Cmyk inks = press.toCmyk(color);
        Rgb printed = press.toRgb(inks);
        double difference = Difference.between(color, printed);
        return new Print(inks, printed, difference, reach(color, difference), isBlackText(Lab.of(color)));
    }

    private static boolean isBlackText(Lab color) {
        return color.l() < NEAR_BLACK && color.chroma() < COLORLESS;
    }

    private static Reach reach(Rgb color, double difference) {
        if (difference <= FAR || Lab.of(color).l() < NEAR_BLACK) {
            return Reach.REACHED;
        }
        return difference > VERY_FAR ? Reach.LOSES_ITS_GLOW : Reach.OUT_OF_REACH;
    }

    /** Whether nothing is printed: white is the paper. */
    public boolean isPaper() {
        return inks.total() < NO_INK;
    }

    /** Whether the inks together are more than dries on coated paper. */
    public boolean tooMuchInk() {
        return inks.total() > MOST_INK;
    }
}
