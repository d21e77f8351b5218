package app.zumbido.server.storage;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A file that was brought once does not lie in the data folder any more. */
class MissingFileException extends ApiException {
    private static final long serialVersionUID = 1L;

    private static final Problem MISSING =
            new Problem(HttpStatus.NOT_FOUND, "file-missing", "A file is missing in the data folder");

    MissingFileException(String name) {
        super(
                MISSING,
                "The file with the SHA-256 " + name
                        + " is missing in the data folder. Put it back from a copy, or take the"
                        + " file in once more; everything else can be worked with");
    }
}
