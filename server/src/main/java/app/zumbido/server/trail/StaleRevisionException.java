package app.zumbido.server.trail;

import app.zumbido.core.brand.TrailNote;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;

/** The brand has moved on since the page that sends a change saw it. */
public class StaleRevisionException extends ApiException {
    private static final long serialVersionUID = 1L;
    private static final Problem PROBLEM =
            new Problem(HttpStatus.PRECONDITION_FAILED, "revision-stale", "Changed elsewhere");

    /** @param since what has happened, oldest first, as far as it is known from when */
    StaleRevisionException(long revision, List<TrailNote> since) {
        super(PROBLEM, "The brand stands at revision " + revision + " by now");
        fact("revision", revision);
        fact("since", since.stream().map(NoteResponse::of).toList());
    }
}
