package app.zumbido.server.logos;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Something that no logo can be. */
class LogoException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "logo-invalid", "That makes no logo");

    LogoException(String detail) {
        super(PROBLEM, detail);
    }
}
