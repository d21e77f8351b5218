package app.zumbido.server.theme;

/** There is no theme slot of that name. */
public class UnknownSlotException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownSlotException(String slot) {
        super("There is no theme slot '" + slot + "'");
    }
}
