package app.zumbido.server.storage;

import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.ForeignProblems;
import app.zumbido.server.http.Problem;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionSystemException;
import org.sqlite.SQLiteException;

/** What goes wrong with the disk and the database: said so that somebody can do something about it. */
@Component
class StorageProblems implements ForeignProblems {
    /** What systems say when a disk, a share of it, or the longest file is full. Source: POSIX.1-2017, errno.h. */
    private static final List<String> FULL = List.of("No space left", "Disk quota exceeded", "File too large");

    private static final String NOTHING_CHANGED = "; nothing was changed";

    @Override
    public Optional<ApiException> of(Exception exception) {
        // Where not even the beginning of a transaction succeeded, taking it back fails as well and hides why.
        Throwable first =
                exception instanceof TransactionSystemException hidden && hidden.getApplicationException() != null
                        ? hidden.getApplicationException()
                        : exception;
        for (Throwable cause = first; cause != null; cause = cause.getCause()) {
            Optional<ApiException> known = known(cause);
            if (known.isPresent()) {
                return known;
            }
        }
        return Optional.empty();
    }

    private static Optional<ApiException> known(Throwable cause) {
        if (cause instanceof SQLiteException database) {
            return ofDatabase(database);
        }
        if (cause instanceof IOException disk) {
            return ofDisk(disk);
        }
        return Optional.empty();
    }

    private static Optional<ApiException> ofDatabase(SQLiteException exception) {
        // The lower byte is the kind. Source: SQLite's documentation, "Result and Error Codes".
        return switch (exception.getResultCode().code & 0xFF) {
            case 5, 6 -> Optional.of(new Locked());
            case 8 -> Optional.of(readOnly());
            case 11, 26 -> Optional.of(damaged());
            case 13 -> Optional.of(full());
            default -> Optional.empty();
        };
    }

    private static Optional<ApiException> ofDisk(IOException exception) {
        String said = said(exception);
        if (FULL.stream().anyMatch(said::contains)) {
            return Optional.of(full());
        }
        boolean refused =
                exception instanceof java.nio.file.AccessDeniedException || said.contains("Read-only file system");
        return refused ? Optional.of(readOnly()) : Optional.empty();
    }

    private static String said(IOException exception) {
        @Nullable
        String reason = exception instanceof FileSystemException file ? file.getReason() : exception.getMessage();
        return String.valueOf(reason);
    }

    private static ApiException full() {
        return new ApiException(
                new Problem(HttpStatus.INSUFFICIENT_STORAGE, "disk-full", "The disk is full"),
                "There is no room left on the disk of the data folder" + NOTHING_CHANGED
                        + ". Make room and do it again");
    }

    private static ApiException readOnly() {
        return new ApiException(
                new Problem(HttpStatus.INSUFFICIENT_STORAGE, "folder-read-only", "Nothing can be written"),
                "The data folder cannot be written to" + NOTHING_CHANGED + ". Let whoever runs Zumbido write there");
    }

    private static ApiException damaged() {
        return new ApiException(
                new Problem(HttpStatus.INTERNAL_SERVER_ERROR, "database-damaged", "A part of the database is damaged"),
                "A part of the database is damaged. Everything else can be worked with; end Zumbido and put back a copy:"
                        + " ./zumbido restore FILE");
    }

    private static final class Locked extends ApiException {
        private static final long serialVersionUID = 1L;

        Locked() {
            super(
                    new Problem(HttpStatus.SERVICE_UNAVAILABLE, "database-locked", "The database is in use"),
                    "Another program holds the database" + NOTHING_CHANGED + ". Close it, or ask again in a moment");
            retryAfter(2);
        }
    }
}
