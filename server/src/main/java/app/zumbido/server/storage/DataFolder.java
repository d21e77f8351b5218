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
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/** The folder that holds everything; locked, so that two servers never share one. */
@Component
public class DataFolder implements DisposableBean {
    private final Path root;
    private final FileChannel channel;
    private final FileLock lock;

    @Autowired
    DataFolder(@Value("${zumbido.data}") String folder) {
        root = path(folder);
        try {
            createPrivate(root);
            channel = FileChannel.open(root.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        } catch (IOException e) {
            throw CannotStartException.cannotBeWritten(root, e);
        }
        FileLock taken = tryLock(channel);
        if (taken == null) {
            throw new CannotStartException(
                    "Another Zumbido is using the data folder " + root,
                    "Use that one, end it first, or name another folder with --data");
        }
        lock = taken;
        try {
            forgetWhatWasOnItsWay();
        } catch (IOException e) {
            throw CannotStartException.cannotBeWritten(root, e);
        }
    }

    /** An earlier server may have been killed in the middle of something. */
    private void forgetWhatWasOnItsWay() throws IOException {
        FileSystemUtils.deleteRecursively(onItsWay());
        Files.createDirectories(onItsWay());
    }

    /** For commands that are done without a server. */
    public static DataFolder open(String folder) {
        return new DataFolder(folder);
    }

    /** @param folder empty: where programs of this platform keep what is a person's own */
    public static Path path(String folder) {
        return (folder.isBlank() ? UserFolder.ofThisSystem() : Path.of(folder))
                .toAbsolutePath()
                .normalize();
    }

    private static @Nullable FileLock tryLock(FileChannel channel) {
        try {
            FileLock taken = channel.tryLock();
            if (taken == null) {
                channel.close();
            }
            return taken;
        } catch (OverlappingFileLockException e) {
            return null;
        } catch (IOException e) {
            throw new UncheckedIOException("The data folder cannot be locked", e);
        }
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

    public Path root() {
        return root;
    }

    public Path database() {
        return database(root);
    }

    /** @param root of a data folder, whoever uses it */
    public static Path database(Path root) {
        return root.resolve("zumbido.db");
    }

    public Path blobs() {
        return blobs(root);
    }

    /** @param root of a data folder, whoever uses it */
    public static Path blobs(Path root) {
        return root.resolve("blobs");
    }

    /** @return where copies of the database lie */
    public Path backups() {
        return root.resolve("backups");
    }

    /** @return where files lie while they come in or are made; empty at the start */
    public Path onItsWay() {
        return root.resolve("on-its-way");
    }

    @Override
    public void destroy() throws IOException {
        lock.release();
        channel.close();
    }
}
