package app.zumbido.core.guide;

/** How much room there is between what stands on a sheet. */
public enum Spacing {
    CLOSE(0.7),
    EVEN(1),
    WIDE(1.4);

    private final double factor;

    Spacing(double factor) {
        this.factor = factor;
    }

    /** @return by which gaps and margins are multiplied */
    public double factor() {
        return factor;
    }
}
