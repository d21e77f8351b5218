package app.zumbido.server.contrast;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** The brand has no composed ground of that id (any more). */
public class UnknownGroundException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-ground", "Unknown ground");

    UnknownGroundException(UUID ground) {
        super(PROBLEM, "There is no ground " + ground + " in the brand");
    }
}
