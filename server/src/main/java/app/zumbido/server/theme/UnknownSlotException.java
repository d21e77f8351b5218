package app.zumbido.server.theme;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** There is no theme slot of that name. */
public class UnknownSlotException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-slot", "Unknown theme slot");

    UnknownSlotException(String slot) {
        super(PROBLEM, "There is no theme slot '" + slot + "'");
    }
}
