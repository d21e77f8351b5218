package app.zumbido.server.delivery;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Pictures are not made so large. */
public class PictureSizeException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "picture-size", "Not a size of a picture");

    PictureSizeException(RuntimeException cause) {
        super(PROBLEM, String.valueOf(cause.getMessage()));
    }
}
