package app.zumbido.server.type;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Something that letters cannot be set like. */
class TypeException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "type-invalid", "Letters cannot be set so");

    TypeException(String detail) {
        super(PROBLEM, detail);
    }
}
