package app.zumbido.server.trail;

/** There is no step to go to in that direction. */
public class TrailEndException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param direction undo or redo */
    TrailEndException(String direction) {
        super("There is nothing to " + direction);
    }
}
