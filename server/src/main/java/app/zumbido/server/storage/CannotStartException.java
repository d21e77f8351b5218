package app.zumbido.server.storage;

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
