package app.zumbido.core.type;

/**
 * A scale that sizes stand on: each step larger by the same ratio. The ratios are those of musical intervals (common
 * practice in typography, no published source).
 */
public enum TypeScale {
    MINOR_THIRD(6.0 / 5),
    MAJOR_THIRD(5.0 / 4),
    FOURTH(4.0 / 3),
    FIFTH(3.0 / 2),
    GOLDEN((1 + Math.sqrt(5)) / 2);

    /** Steps above the body; narrow scales climb higher, so that a heading stands out in each. */
    private static final int SUBHEADING = 1;

    private static final double HEADING_AT_LEAST = 1.9;

    private final double ratio;

    TypeScale(double ratio) {
        this.ratio = ratio;
    }

    public double ratio() {
        return ratio;
    }

    /** @return sizes of the role, given those of the body; the logo's face keeps the heading's */
    public Sizes of(TypeRole role, Sizes body) {
        return switch (role) {
            case BODY -> body;
            case SUBHEADING -> body.times(Math.pow(ratio, SUBHEADING));
            case HEADING, LOGO -> body.times(Math.pow(ratio, headingStep()));
        };
    }

    private int headingStep() {
        int step = SUBHEADING + 1;
        while (Math.pow(ratio, step) < HEADING_AT_LEAST) {
            step++;
        }
        return step;
    }
}
