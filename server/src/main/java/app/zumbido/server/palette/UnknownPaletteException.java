package app.zumbido.server.palette;

public final class UnknownPaletteException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownPaletteException(String id) {
        super("There is no ready palette " + id);
    }
}
