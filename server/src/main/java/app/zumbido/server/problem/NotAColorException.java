package app.zumbido.server.problem;

/** Something was given as a colour that is no code that is known. */
public class NotAColorException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String given;

    public NotAColorException(String given) {
        super("This is no colour code");
        this.given = given;
    }

    public String given() {
        return given;
    }
}
