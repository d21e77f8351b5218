package app.zumbido.core.color;

/** Half up, as every published table of codes rounds; {@code Math.round} does the same for positive numbers only by chance. */
public final class Rounding {
    /** Exact halves arrive a few bits short from arithmetic in doubles; the margin is far below any real difference. */
    private static final double MARGIN = 1e-9;

    private Rounding() {}

    public static int halfUp(double value) {
        return (int) Math.floor(value + 0.5 + MARGIN);
    }

    /** @return an 8-bit channel, clipped to 0 to 255 */
    public static int toByte(double value) {
        return Math.max(0, Math.min(255, halfUp(value)));
    }
}
