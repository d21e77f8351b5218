package app.zumbido.server.source;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A place that is not in the picture, or where there is nothing to take. */
public class OutsidePictureException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "outside-picture", "Nothing to take there");

    OutsidePictureException(String detail) {
        super(PROBLEM, detail);
    }
}
