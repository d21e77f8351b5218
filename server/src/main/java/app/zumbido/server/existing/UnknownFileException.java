package app.zumbido.server.existing;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** The brand has no such file. */
class UnknownFileException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-file", "Unknown file");

    UnknownFileException(UUID id) {
        super(PROBLEM, "The brand has no file " + id);
    }
}
