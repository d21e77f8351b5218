package app.zumbido.server.storage;

import java.io.IOException;
import java.nio.file.Path;

/** Why the server does not start, and what to do about it; nothing was changed. */
public class CannotStartException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String remedy;

    public CannotStartException(String why, String remedy) {
        super(why);
        this.remedy = remedy;
    }

    public CannotStartException(String why, String remedy, Throwable cause) {
        super(why, cause);
        this.remedy = remedy;
    }

    /** @param root of the data folder */
    static CannotStartException cannotBeWritten(Path root, IOException cause) {
        return new CannotStartException(
                "The data folder " + root + " cannot be written to (" + cause.getMessage() + ")",
                "Name another one with --data, or let whoever starts Zumbido write there",
                cause);
    }

    /** @param cause what came of opening the database */
    public static CannotStartException unreadable(DataFolder folder, Throwable cause) {
        Throwable root = cause;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        return new CannotStartException(
                "The database in " + folder.root() + " cannot be read: " + root.getMessage(),
                "Put back the newest copy in " + folder.backups() + ": ./zumbido restore FILE",
                cause);
    }

    public String remedy() {
        return remedy;
    }
}
