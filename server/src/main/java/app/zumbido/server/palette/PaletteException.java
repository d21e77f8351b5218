package app.zumbido.server.palette;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A palette as a whole cannot be dealt with as was asked. */
public class PaletteException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM = new Problem(HttpStatus.CONFLICT, "palette-refused", "Not with this palette");

    PaletteException(String detail) {
        super(PROBLEM, detail);
    }
}
