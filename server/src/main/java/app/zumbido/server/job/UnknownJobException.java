package app.zumbido.server.job;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/** There is no such job, or it ended long ago. */
class UnknownJobException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-job", "Unknown job");

    UnknownJobException(UUID id) {
        super(PROBLEM, "There is no job " + id + ", or it ended long ago");
    }
}
