package app.zumbido.core.guide;

/** How much of the width of a sheet something takes. */
public enum Share {
    THIRD(2),
    HALF(3),
    FULL(6);

    /** Of the whole width. */
    public static final int PARTS = 6;

    private final int parts;

    Share(int parts) {
        this.parts = parts;
    }

    /** @return of {@link #PARTS} */
    public int parts() {
        return parts;
    }
}
