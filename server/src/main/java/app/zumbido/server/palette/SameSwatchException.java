package app.zumbido.server.palette;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A swatch cannot be made one with itself. */
public class SameSwatchException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "same-swatch", "The same swatch");

    SameSwatchException() {
        super(PROBLEM, "A swatch cannot be made one with itself; name another one");
    }
}
