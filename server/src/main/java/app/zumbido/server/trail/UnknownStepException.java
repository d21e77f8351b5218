package app.zumbido.server.trail;

/** There is no such step on the way from the beginning to the newest one. */
public class UnknownStepException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownStepException(long revision) {
        super("There is no step " + revision + " on the trail");
    }
}
