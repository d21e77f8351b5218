package app.zumbido.server.guide;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A guide is not made that way. */
public class GuideException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "no-guide", "No guide is made that way");

    GuideException(IllegalArgumentException cause) {
        super(PROBLEM, String.valueOf(cause.getMessage()));
    }
}
