package app.zumbido.core.contrast;

import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Painted;
import java.util.function.UnaryOperator;

/**
 * What a person has decided about a text on a ground, whatever the ratio says.
 *
 * @param reason in the brand's own words, 1 to 200 characters
 */
public record PairRule(Kind kind, Paint text, Paint ground, String reason) implements Painted<PairRule> {
    public static final int LONGEST_REASON = 200;

    /** What is decided. */
    public enum Kind {
        /** Must not be used, though it reads. */
        NARROWED,
        /** Is left as it is on purpose, though it does not read. */
        LEFT,
        /** Is one that the brand stands by, as when its material uses it everywhere. */
        ALLOWED
    }

    public PairRule {
        if (reason.isBlank() || reason.length() > LONGEST_REASON) {
            throw new IllegalArgumentException("A reason has 1 to " + LONGEST_REASON + " characters");
        }
    }

    boolean isOn(Paint otherText, Paint otherGround) {
        return text.equals(otherText) && ground.equals(otherGround);
    }

    @Override
    public PairRule repainted(UnaryOperator<Paint> change) {
        return new PairRule(kind, change.apply(text), change.apply(ground), reason);
    }
}
