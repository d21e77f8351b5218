package app.zumbido.server.source;

/** A place that is not in the picture, or where there is nothing to take. */
public class OutsidePictureException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    OutsidePictureException(String detail) {
        super(detail);
    }
}
