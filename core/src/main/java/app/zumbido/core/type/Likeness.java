package app.zumbido.core.type;

/** How alike two faces look when one stands in for the other. The weights are ours: no published source. */
public final class Likeness {
    /** From here on two families of the same kind differ by so little that it looks like a mistake. */
    public static final double NEARLY_ALIKE = 0.9;

    private static final double KIND = 0.25;
    private static final double LENGTH = 1.5;
    private static final double X_HEIGHT = 1.5;
    private static final double STEM = 0.35;
    private static final double CONTRAST = 0.5;
    /** Of what nothing is known: that it is quite alike would be too good. */
    private static final double UNKNOWN = 0.05;

    private Likeness() {}

    /** @return 1 for the same face, 0 for nothing in common */
    public static double between(Face one, Face other, Language language) {
        FaceMetrics mine = one.metrics();
        FaceMetrics theirs = other.metrics();
        double apart = KIND * one.kind().distanceTo(other.kind())
                + LENGTH * Math.abs(Math.log(mine.lineRatio(theirs, language)))
                + X_HEIGHT * relative(mine.xHeight(), theirs.xHeight())
                + (known(mine.stem(), theirs.stem()) ? STEM * relative(mine.stem(), theirs.stem()) : UNKNOWN)
                + (known(mine.contrast(), theirs.contrast())
                        ? CONTRAST * Math.abs(mine.contrast() - theirs.contrast())
                        : UNKNOWN);
        return Math.max(0, 1 - apart);
    }

    /** @return 0 where one of them is not known */
    static double relative(double one, double other) {
        return known(one, other) ? Math.abs(Math.log(one / other)) : 0;
    }

    private static boolean known(double one, double other) {
        return one > 0 && other > 0;
    }
}
