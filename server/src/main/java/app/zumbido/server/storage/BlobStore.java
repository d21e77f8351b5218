package app.zumbido.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Files by the SHA-256 of their content: the same file is kept once, and what is kept never changes. */
@Component
public class BlobStore {
    /** A file younger than this may belong to an upload whose row is still to come. */
    private static final Duration GRACE = Duration.ofDays(1);

    private final Path root;

    public BlobStore(DataFolder folder) {
        root = folder.blobs();
    }

    /** @return SHA-256 of the content, 64 lower-case hexadecimal digits */
    public static String nameOf(byte[] content) {
        return sha256(content);
    }

    /** @return SHA-256 of the content, 64 lower-case hexadecimal digits */
    public String put(byte[] content) {
        String name = sha256(content);
        Path target = path(name);
        try {
            if (Files.exists(target)) {
                Files.setLastModifiedTime(target, FileTime.from(Instant.now()));
                return name;
            }
            Files.createDirectories(target.getParent());
            Path partial = Files.createTempFile(target.getParent(), "incoming", ".tmp");
            Files.write(partial, content);
            try (FileChannel channel = FileChannel.open(partial, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(partial, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException("A file cannot be stored", e);
        }
        return name;
    }

    public byte[] get(String name) {
        try {
            return Files.readAllBytes(path(name));
        } catch (IOException e) {
            throw new UncheckedIOException("The stored file " + name + " cannot be read", e);
        }
    }

    /** Removes what nobody names any more, except for what came in during the last day. */
    public void clear(Set<String> named) {
        if (!Files.isDirectory(root)) {
            return;
        }
        Instant before = Instant.now().minus(GRACE);
        try (Stream<Path> files = Files.walk(root)) {
            List<Path> unnamed = files.filter(Files::isRegularFile)
                    .filter(file -> !named.contains(file.getFileName().toString()))
                    .toList();
            for (Path file : unnamed) {
                if (Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
                    Files.delete(file);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("Old files cannot be cleared away", e);
        }
    }

    private Path path(String name) {
        return root.resolve(name.substring(0, 2)).resolve(name);
    }

    private static String sha256(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
