package app.zumbido.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;

/** A file on its way in: it lies on the disk, and is gone when it is closed unless somebody has kept it. */
public class IncomingFile implements AutoCloseable {
    private final Path partial;
    private final Path target;
    private boolean kept;

    IncomingFile(Path partial, Path target) {
        this.partial = partial;
        this.target = target;
    }

    /** @return SHA-256 of the content, 64 lower-case hexadecimal digits */
    public String name() {
        return target.getFileName().toString();
    }

    /** @return the whole file, read anew each time; whoever has it in memory holds the only one */
    public byte[] content() {
        try {
            return Files.readAllBytes(kept ? target : partial);
        } catch (IOException e) {
            throw new UncheckedIOException("A file that has just come in cannot be read", e);
        }
    }

    /** From now on it is found by its name, also after a crash. */
    public void keep() {
        try {
            if (Files.exists(target)) {
                Files.setLastModifiedTime(target, FileTime.from(Instant.now()));
                Files.delete(partial);
            } else {
                Files.createDirectories(target.getParent());
                try (FileChannel channel = FileChannel.open(partial, StandardOpenOption.WRITE)) {
                    channel.force(true);
                }
                Files.move(partial, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            }
            kept = true;
        } catch (IOException e) {
            throw new UncheckedIOException("A file cannot be stored", e);
        }
    }

    @Override
    public void close() {
        try {
            Files.deleteIfExists(partial);
        } catch (IOException e) {
            throw new UncheckedIOException("A file that was not kept cannot be cleared away", e);
        }
    }
}
