package app.zumbido.server.trail;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** There is no such step on the way from the beginning to the newest one. */
public class UnknownStepException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-step", "Unknown step");

    UnknownStepException(long revision) {
        super(PROBLEM, "There is no step " + revision + " on the trail");
    }
}
