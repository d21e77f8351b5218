package app.zumbido.server.trail;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** There is no such brand on the shelf. */
public class UnknownBrandException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-brand", "Unknown brand");

    public UnknownBrandException(UUID id) {
        super(PROBLEM, "There is no brand " + id + " on the shelf");
    }
}
