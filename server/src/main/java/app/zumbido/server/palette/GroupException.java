package app.zumbido.server.palette;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A group cannot be dealt with as was asked. */
public class GroupException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.CONFLICT, "group-refused", "Not with this group");

    GroupException(String detail) {
        super(PROBLEM, detail);
    }
}
