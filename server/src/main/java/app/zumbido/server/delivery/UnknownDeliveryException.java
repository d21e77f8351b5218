package app.zumbido.server.delivery;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Nothing of that kind is handed over, or nothing was. */
public class UnknownDeliveryException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.NOT_FOUND, "unknown-delivery", "Unknown delivery");

    UnknownDeliveryException(String kind) {
        super(PROBLEM, "There is no delivery '" + kind + "'");
    }
}
