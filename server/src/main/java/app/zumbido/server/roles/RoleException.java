package app.zumbido.server.roles;

/** A role cannot be given as was asked. */
public class RoleException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RoleException(String message) {
        super(message);
    }
}
