package app.zumbido.core.palette;

import app.zumbido.core.color.Rgb;

/**
 * A place on the ladder of a swatch; a swatch that stands there follows it.
 *
 * @param base the swatch whose ladder it is
 * @param away share of the way from the base to the light end, or below 0 to the dark one; -1 to 1, never 0
 */
public record LadderStep(SwatchId base, double away) {
    public LadderStep {
        if (!(Math.abs(away) <= 1) || away == 0) {
            throw new IllegalArgumentException("A step lies away from its base by -1 to 1, not " + away);
        }
    }

    /** @param color of the base */
    public Rgb colorFrom(Rgb color) {
        return Ladder.at(color, away);
    }
}
