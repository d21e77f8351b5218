package app.zumbido.server.contrast;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** What is asked cannot be decided about a pair or a ground. */
public class RuleException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "rule-refused", "Not with this rule");

    RuleException(String detail) {
        super(PROBLEM, detail);
    }
}
