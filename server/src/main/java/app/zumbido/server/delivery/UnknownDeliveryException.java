package app.zumbido.server.delivery;

/** Nothing of that kind is handed over. */
public class UnknownDeliveryException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownDeliveryException(String kind) {
        super("There is no delivery '" + kind + "'");
    }
}
