package app.zumbido.server.source;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** A draft cannot be made. */
public class DraftException extends ApiException {
    private static final long serialVersionUID = 1L;

    private DraftException(Problem problem, String detail) {
        super(problem, detail);
    }

    /** The brand has colours already, and a draft would be mixed into them. */
    static DraftException brandNotEmpty() {
        return new DraftException(
                new Problem(HttpStatus.CONFLICT, "brand-not-empty", "Brand has colours already"),
                "The brand has colours already; take single ones from the proposals");
    }

    /** The file proposes no colour. */
    static DraftException nothingFound(String detail) {
        return new DraftException(SourceProblems.NOTHING_FOUND, detail);
    }
}
