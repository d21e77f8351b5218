package app.zumbido.server.source;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** The brand has no such source. */
public class UnknownSourceException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-source", "Unknown source");

    UnknownSourceException(UUID id) {
        super(PROBLEM, "The brand has no source " + id);
    }
}
