package app.zumbido.server.delivery;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Nothing would be in it. */
public class EmptyParcelException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "empty-parcel", "Nothing in the parcel");

    EmptyParcelException() {
        super(PROBLEM, "Nothing would be in the parcel: choose something that can be made");
    }
}
