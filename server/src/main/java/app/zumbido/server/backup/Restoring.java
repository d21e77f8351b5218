package app.zumbido.server.backup;

import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.storage.IncomingFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/** Puts a copy back, while no server runs. What was there before becomes a copy itself. */
final class Restoring {
    private final DataFolder folder;
    private final Clock clock;

    Restoring(DataFolder folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** @param copy of everything, or of the database alone as it lies among the daily ones */
    void from(Path copy) throws IOException {
        Path database = Files.createTempFile(folder.onItsWay(), "restored", null);
        try {
            if (isZip(copy)) {
                try (ZipFile zip = open(copy)) {
                    WholeCopy.database(zip, database);
                    checked(database, copy);
                    BlobStore blobs = new BlobStore(folder);
                    WholeCopy.files(zip, (name, content) -> take(blobs, name, content));
                }
            } else {
                Files.copy(copy, database, StandardCopyOption.REPLACE_EXISTING);
                checked(database, copy);
            }
            putAside();
            Files.move(
                    database, folder.database(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(database);
        }
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        }
    }

    private static ZipFile open(Path copy) throws IOException {
        try {
            return new ZipFile(copy.toFile());
        } catch (ZipException e) {
            throw new IOException(copy + " is no whole copy, and nothing was changed: " + e.getMessage(), e);
        }
    }

    private static void checked(Path database, Path copy) throws IOException {
        try {
            DatabaseCopy.check(database);
        } catch (SQLException e) {
            throw new IOException(copy + " cannot be put back, and nothing was changed: " + e.getMessage(), e);
        }
    }

    private static void take(BlobStore blobs, String name, InputStream content) throws IOException {
        try (IncomingFile file = blobs.receive(content)) {
            if (!file.name().equals(name)) {
                throw new IOException("the file " + name + " in the copy is damaged");
            }
            file.keep();
        }
    }

    /** Even a damaged one is kept as it is, with what is still to be written into it. */
    private void putAside() throws IOException {
        Files.createDirectories(folder.backups());
        String name = "before-restoring-" + clock.instant().toString().replaceAll("[^0-9TZ]", "");
        for (String part : new String[] {"", "-wal", "-shm"}) {
            Path present = folder.database().resolveSibling(folder.database().getFileName() + part);
            if (Files.exists(present)) {
                Files.move(present, folder.backups().resolve(name + ".db" + part), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }
}
