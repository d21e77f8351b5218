package app.zumbido.server.trail;

import app.zumbido.core.brand.TrailNote;
import java.util.List;

/** The brand has moved on since the page that sends a change saw it. */
public class StaleRevisionException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long revision;
    private final transient List<TrailNote> since;

    /** @param since what has happened, oldest first, as far as it is known from when */
    StaleRevisionException(long revision, List<TrailNote> since) {
        super("The brand stands at revision " + revision + " by now");
        this.revision = revision;
        this.since = List.copyOf(since);
    }

    public long revision() {
        return revision;
    }

    public List<TrailNote> since() {
        return since;
    }
}
