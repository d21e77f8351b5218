package app.zumbido.server.http;

import org.springframework.http.HttpStatus;

/** Something was given as a colour that is no code that is known. */
public class NotAColorException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "not-a-color", "Not a colour code");

    public NotAColorException(String given) {
        super(PROBLEM, "This is no colour code");
        fact("given", given);
    }
}
