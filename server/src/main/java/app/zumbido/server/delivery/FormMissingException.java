package app.zumbido.server.delivery;

import app.zumbido.core.logos.LogoForm;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import app.zumbido.server.http.WireNames;
import org.springframework.http.HttpStatus;

/** What is asked for needs a form that the logo does not come in. */
public class FormMissingException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "form-missing", "The logo lacks a form");

    FormMissingException(LogoForm form) {
        super(PROBLEM, "The logo has no form " + WireNames.of(form) + " yet");
        fact("form", WireNames.of(form));
    }
}
