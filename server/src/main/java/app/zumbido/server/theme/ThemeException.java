package app.zumbido.server.theme;

/** What is asked cannot be done with the themes of the brand. */
public class ThemeException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ThemeException(String message) {
        super(message);
    }
}
