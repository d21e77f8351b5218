package app.zumbido.server.backup;

import app.zumbido.server.storage.DataFolder;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.sqlite.SQLiteConnection;

/** A database as one file that can be opened anywhere. Source: SQLite's documentation, "SQLite Backup API". */
final class DatabaseCopy {
    private static final int DONE = 0;

    private DatabaseCopy() {}

    /** Puts a copy of the database among the backups, as soon as it is whole. */
    static void keep(DataFolder folder, Path to) throws IOException {
        Path partial = folder.onItsWay().resolve(to.getFileName());
        try {
            make(folder.database(), partial);
            Files.createDirectories(folder.backups());
            Files.move(partial, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(partial);
        }
    }

    /**
     * Copies a database that may be written to meanwhile; what is copied is of one moment.
     *
     * @param to is whole once this returns, and is removed by whoever asked
     */
    static void make(Path database, Path to) throws IOException {
        try (Connection connection = open(database)) {
            int code = connection.unwrap(SQLiteConnection.class).getDatabase().backup("main", to.toString(), null);
            if (code != DONE) {
                throw new IOException("The database could not be copied; SQLite says " + code);
            }
            settle(to);
        } catch (SQLException e) {
            throw new IOException("The database could not be copied: " + e.getMessage(), e);
        }
    }

    /** Nothing of it lies in other files, and it is on the disk. @throws SQLException if it is damaged */
    private static void settle(Path copy) throws SQLException, IOException {
        try (Connection connection = open(copy);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode = DELETE");
        }
        check(copy);
        try (FileChannel channel = FileChannel.open(copy, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** @throws SQLException if it is damaged, or no database of ours: an empty file is one too for the library */
    static void check(Path database) throws SQLException {
        try (Connection connection = open(database);
                Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery("PRAGMA quick_check")) {
            if (!result.next() || !"ok".equals(result.getString(1))) {
                throw new SQLException("the database is damaged");
            }
            statement.execute("SELECT version FROM flyway_schema_history LIMIT 1");
        }
    }

    private static Connection open(Path database) throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + database + "?busy_timeout=5000");
    }
}
