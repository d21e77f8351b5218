package app.zumbido.server.contrast;

/** What is asked cannot be decided about a pair or a ground. */
public class RuleException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RuleException(String message) {
        super(message);
    }
}
