package app.zumbido.server.trail;

/** A change came without saying which revision it was made on. */
public class RevisionMissingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public RevisionMissingException() {
        super("A change needs the header If-Match");
    }
}
