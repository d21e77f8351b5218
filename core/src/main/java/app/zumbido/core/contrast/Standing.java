package app.zumbido.core.contrast;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import java.util.Optional;

/**
 * A colour on a ground.
 *
 * @param used whether the brand uses it so: in a role, a slot or a specimen
 * @param clashes whether the two vibrate side by side
 * @param rule what a person has decided about the pair
 */
public record Standing(
        Rgb foreground, ContrastRatio ratio, Verdict verdict, boolean used, boolean clashes, Optional<PairRule> rule) {
    /** What it is good for. */
    public enum Verdict {
        TEXT,
        /** From 18 pt, or 14 pt bold. */
        LARGE_TEXT,
        /** Lines and shapes only. */
        GRAPHICS,
        NOTHING;

        static Verdict of(ContrastRatio ratio, WcagLevel level) {
            if (ratio.reaches(level.text())) {
                return TEXT;
            }
            if (ratio.reaches(level.largeText())) {
                return LARGE_TEXT;
            }
            return ratio.reaches(WcagLevel.GRAPHICS) ? GRAPHICS : NOTHING;
        }
    }

    /** Whether text can be read there at all. */
    public boolean isReadable() {
        return verdict == Verdict.TEXT || verdict == Verdict.LARGE_TEXT;
    }

    /** Whether text may stand there: it can be read, and nobody has decided against it. */
    public boolean isAllowed() {
        return isReadable()
                && rule.filter(decided -> decided.kind() == PairRule.Kind.NARROWED)
                        .isEmpty();
    }

    /** Whether somebody has to look at it: it is used, cannot be read or must not be used, and is not left on purpose. */
    public boolean isToLookAt() {
        return used
                && !isAllowed()
                && rule.filter(decided -> decided.kind() == PairRule.Kind.LEFT).isEmpty();
    }
}
