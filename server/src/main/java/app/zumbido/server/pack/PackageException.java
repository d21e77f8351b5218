package app.zumbido.server.pack;

/** A file is no package that can be taken in. */
public class PackageException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    PackageException(String message) {
        super(message);
    }

    PackageException(String message, Throwable cause) {
        super(message, cause);
    }
}
