package app.zumbido.server.pack;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A file is no package that can be taken in. */
public class PackageException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "package-refused", "Not a package that can be taken in");

    PackageException(String detail) {
        super(PROBLEM, detail);
    }

    PackageException(String detail, Throwable cause) {
        super(PROBLEM, detail);
        initCause(cause);
    }
}
