package app.zumbido.server.http;

import org.springframework.http.HttpStatus;

/** A change came without saying which revision it was made on. */
public class RevisionMissingException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.PRECONDITION_REQUIRED, "revision-missing", "Revision missing");

    public RevisionMissingException() {
        super(PROBLEM, "A change needs the header If-Match");
    }
}
