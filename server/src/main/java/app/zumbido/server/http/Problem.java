package app.zumbido.server.http;

import java.net.URI;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;

/**
 * A kind of problem. Source of the form: RFC 9457.
 *
 * @param type never changes, since programs go by it
 * @param title the same for every problem of the kind
 */
public record Problem(HttpStatusCode status, String type, String title) {
    ProblemDetail detail(String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("/problems/" + type));
        problem.setTitle(title);
        return problem;
    }
}
