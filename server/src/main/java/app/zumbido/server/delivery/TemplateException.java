package app.zumbido.server.delivery;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** No template is made that way. */
public class TemplateException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "no-corner", "Not a corner of a slide");

    TemplateException() {
        super(PROBLEM, "The small logo stands in one of the four corners of a slide, not in the middle");
    }
}
