package app.zumbido.server.palette;

/** A swatch cannot be made one with itself. */
public class SameSwatchException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    SameSwatchException() {
        super("A swatch cannot be made one with itself; name another one");
    }
}
