package app.zumbido.server.palette;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** There is no ready palette of that name. */
public class UnknownPaletteException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.NOT_FOUND, "unknown-palette", "Unknown ready palette");

    UnknownPaletteException(String id) {
        super(PROBLEM, "There is no ready palette " + id);
    }
}
