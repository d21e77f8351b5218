package app.zumbido.server.roles;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A role cannot be given as was asked. */
public class RoleException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "role-refused", "Not with this role");

    RoleException(String detail) {
        super(PROBLEM, detail);
    }
}
