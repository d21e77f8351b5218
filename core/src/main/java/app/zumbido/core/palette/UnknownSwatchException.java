package app.zumbido.core.palette;

/** Somebody spoke of a swatch that the palette does not hold (any more). */
public final class UnknownSwatchException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public UnknownSwatchException(SwatchId id) {
        super("There is no swatch " + id + " in the palette");
    }
}
