package app.zumbido.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The folder that holds everything; locked, so that two servers never share one. */
@Component
public class DataFolder implements DisposableBean {
    private final Path root;
    private final FileChannel channel;
    private final FileLock lock;

    DataFolder(@Value("${zumbido.data}") Path folder) {
        root = folder.toAbsolutePath().normalize();
        try {
            createPrivate(root);
            channel = FileChannel.open(root.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock = requireLock(tryLock(channel));
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder " + root + " cannot be used", e);
        }
    }

    private static @Nullable FileLock tryLock(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException e) {
            return null;
        }
    }

    private FileLock requireLock(@Nullable FileLock taken) throws IOException {
        if (taken == null) {
            channel.close();
            throw new IOException("another Zumbido is using it");
        }
        return taken;
    }

    private static void createPrivate(Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            return;
        }
        Files.createDirectories(folder);
        if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        }
    }

    public Path database() {
        return root.resolve("zumbido.db");
    }

    public Path blobs() {
        return root.resolve("blobs");
    }

    /** @return where files lie while they are made; whatever lies there at the start is from nobody */
    public Path jobs() {
        return root.resolve("jobs");
    }

    @Override
    public void destroy() throws IOException {
        lock.release();
        channel.close();
    }
}
