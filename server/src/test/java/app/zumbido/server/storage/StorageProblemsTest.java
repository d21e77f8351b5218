package app.zumbido.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.http.ApiException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

class StorageProblemsTest {
    private final StorageProblems problems = new StorageProblems();

    private String said(Exception exception) {
        return problems.of(exception).map(ApiException::getMessage).orElse("");
    }

    /** Source of the codes: SQLite's documentation, "Result and Error Codes". */
    @ParameterizedTest
    @CsvSource({
        "SQLITE_BUSY,Another program holds the database",
        "SQLITE_BUSY_SNAPSHOT,Another program holds the database",
        "SQLITE_LOCKED,Another program holds the database",
        "SQLITE_READONLY,cannot be written to",
        "SQLITE_READONLY_DBMOVED,cannot be written to",
        "SQLITE_CORRUPT,is damaged",
        "SQLITE_CORRUPT_INDEX,is damaged",
        "SQLITE_NOTADB,is damaged",
        "SQLITE_FULL,no room left"
    })
    void saysWhatIsWrongWithTheDatabase(String code, String words) {
        SQLiteException cause = new SQLiteException("as the library says it", SQLiteErrorCode.valueOf(code));
        assertThat(said(new DataAccessResourceFailureException("wrapped", cause)))
                .contains(words);
    }

    @Test
    void saysWhatIsWrongWithTheDisk() {
        assertThat(said(new UncheckedIOException(new IOException("No space left on device"))))
                .contains("no room left");
        assertThat(said(new UncheckedIOException(new FileSystemException("/data/x", null, "Disk quota exceeded"))))
                .contains("no room left");
        assertThat(said(new UncheckedIOException(new IOException("File too large"))))
                .contains("no room left");
        assertThat(said(new UncheckedIOException(new AccessDeniedException("/data/x"))))
                .contains("cannot be written to");
        assertThat(said(new UncheckedIOException(new FileSystemException("/data/x", null, "Read-only file system"))))
                .contains("cannot be written to");
    }

    @Test
    void leavesEverythingElseToOthers() {
        assertThat(problems.of(new IllegalStateException("a mistake of ours"))).isEmpty();
        assertThat(problems.of(new UncheckedIOException(new IOException("Broken pipe"))))
                .isEmpty();
        assertThat(problems.of(new SQLiteException("a rule is broken", SQLiteErrorCode.SQLITE_CONSTRAINT)))
                .isEmpty();
    }
}
