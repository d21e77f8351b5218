package app.zumbido.server.source;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A picture was asked for its list, or a list for its picture. */
public class WrongKindOfSourceException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "wrong-kind-of-source", "Not that kind of source");

    WrongKindOfSourceException(String detail) {
        super(PROBLEM, detail);
    }
}
