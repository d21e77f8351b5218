package app.zumbido.server.trail;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** There is no step to go to in that direction. */
public class TrailEndException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.CONFLICT, "trail-end", "End of the trail");

    /** @param direction undo or redo */
    TrailEndException(String direction) {
        super(PROBLEM, "There is nothing to " + direction);
    }
}
