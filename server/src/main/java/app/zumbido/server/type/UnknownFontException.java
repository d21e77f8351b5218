package app.zumbido.server.type;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

class UnknownFontException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "font-unknown", "No such font");

    UnknownFontException(String id) {
        super(PROBLEM, "There is no font " + id);
    }
}
