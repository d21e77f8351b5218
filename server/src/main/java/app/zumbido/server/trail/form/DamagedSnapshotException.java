package app.zumbido.server.trail.form;

/** What was written as the state of a brand cannot be read any more. */
public class DamagedSnapshotException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DamagedSnapshotException(Throwable cause) {
        super(
                "The state of this brand is damaged in the database. Go back to an earlier step of its trail, or end Zumbido and"
                        + " put back a copy: ./zumbido restore FILE. Other brands can be worked with",
                cause);
    }
}
