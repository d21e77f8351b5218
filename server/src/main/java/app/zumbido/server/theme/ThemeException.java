package app.zumbido.server.theme;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** What is asked cannot be done with the themes of the brand. */
public class ThemeException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.CONFLICT, "theme-refused", "Not with the themes");

    ThemeException(String detail) {
        super(PROBLEM, detail);
    }
}
