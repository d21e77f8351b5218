package app.zumbido.server.delivery;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** The brand is not set up in such a place. */
public class UnknownPlaceException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-place", "Unknown place");

    UnknownPlaceException(UUID id) {
        super(PROBLEM, "There is no place " + id);
    }
}
