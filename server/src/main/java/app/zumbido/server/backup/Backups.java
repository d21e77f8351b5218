package app.zumbido.server.backup;

import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.DataFolder;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Copies of the database in the data folder, one a day, and of everything as one file. The files that people have brought
 * are never changed, so that the copies of the database share them.
 */
@Component
public class Backups {
    /** Source of the number: BlobStore keeps what nobody names any more for longer than so many days. */
    static final int KEPT = 7;

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Pattern DAILY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}\\.db");

    private final DataFolder folder;
    private final BlobStore blobs;
    private final Clock clock;

    Backups(DataFolder folder, BlobStore blobs, Clock clock) {
        this.folder = folder;
        this.blobs = blobs;
        this.clock = clock;
    }

    /** Looked at every hour, since nobody knows when the machine sleeps. */
    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void daily() {
        Path today = folder.backups().resolve(LocalDate.now(clock.withZone(ZoneOffset.UTC)) + ".db");
        if (Files.exists(today)) {
            return;
        }
        try {
            DatabaseCopy.keep(folder, today);
            prune();
        } catch (IOException e) {
            LOG.error("The daily copy of the database was not made", e);
        }
    }

    private void prune() throws IOException {
        List<Path> copies;
        try (Stream<Path> files = Files.list(folder.backups())) {
            copies = files.filter(
                            file -> DAILY.matcher(file.getFileName().toString()).matches())
                    .sorted()
                    .toList();
        }
        for (Path old : copies.subList(0, Math.max(0, copies.size() - KEPT))) {
            Files.delete(old);
        }
    }

    /** Writes everything as one file, while others go on working. */
    public void writeTo(OutputStream out) {
        try {
            Path copy = Files.createTempFile(folder.onItsWay(), "whole", null);
            try {
                DatabaseCopy.make(folder.database(), copy);
                WholeCopy.write(copy, blobs.all(), out);
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The copy of everything could not be written", e);
        }
    }
}
