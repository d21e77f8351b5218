package app.zumbido.server.workshop;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.Problem;
import org.springframework.http.HttpStatus;

/** Work that was not done. */
public class WorkshopException extends ApiException {
    private static final long serialVersionUID = 1L;

    private static final Problem TOO_MUCH_WORK =
            new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "too-much-work", "Takes too much to draw");
    private static final Problem BUSY = new Problem(HttpStatus.SERVICE_UNAVAILABLE, "busy", "Busy");

    private final boolean ofTheFile;

    private WorkshopException(Problem problem, String detail) {
        super(problem, detail);
        this.ofTheFile = problem == TOO_MUCH_WORK;
    }

    static WorkshopException tooLong(long seconds) {
        return new WorkshopException(
                TOO_MUCH_WORK,
                "Drawing it was stopped after " + seconds
                        + " seconds. Flatten its effects, patterns and shadings in the"
                        + " program that made it, or export it as PNG, and take that in");
    }

    static WorkshopException tooLarge() {
        return new WorkshopException(
                TOO_MUCH_WORK,
                "Drawing it takes too much memory. Make the pictures in it smaller, or export it as PNG, and take that in");
    }

    /** Whether it is the file that took too much, and not the others that are being worked on. */
    public boolean isOfTheFile() {
        return ofTheFile;
    }

    /** Whoever asks again a little later is served. */
    public static WorkshopException busy() {
        WorkshopException busy = new WorkshopException(
                BUSY, "Other files are being drawn that take long. Nothing was changed; ask again in a moment");
        busy.retryAfter(1);
        return busy;
    }
}
