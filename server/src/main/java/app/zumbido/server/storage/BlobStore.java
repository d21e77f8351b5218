package app.zumbido.server.storage;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Files by the SHA-256 of their content: the same file is kept once, and what is kept never changes. */
@Component
public class BlobStore {
    /** Copies of the database, of which seven daily ones are kept, name files that it names no more. */
    private static final Duration GRACE = Duration.ofDays(8);

    private static final String LEDGER = "unnamed.txt";
    private static final Pattern NAME = Pattern.compile("[0-9a-f]{64}");

    private final Path root;
    private final Path incoming;

    public BlobStore(DataFolder folder) {
        root = folder.blobs();
        incoming = folder.onItsWay();
        try {
            Files.createDirectories(root);
        } catch (IOException e) {
            throw new UncheckedIOException("The folder of files cannot be used", e);
        }
    }

    /**
     * Takes a file in without ever holding it in memory. It is closed by whoever gets it.
     *
     * @param content is read to its end and not closed
     */
    public IncomingFile receive(InputStream content) {
        MessageDigest digest = sha256();
        try {
            Path partial = Files.createTempFile(incoming, "file", null);
            try (OutputStream out = Files.newOutputStream(partial)) {
                new DigestInputStream(content, digest).transferTo(out);
            } catch (IOException | RuntimeException e) {
                Files.delete(partial);
                throw e;
            }
            return new IncomingFile(partial, path(HexFormat.of().formatHex(digest.digest())));
        } catch (IOException e) {
            throw new UncheckedIOException("A file cannot be taken in", e);
        }
    }

    public byte[] get(String name) {
        try {
            return Files.readAllBytes(path(name));
        } catch (NoSuchFileException e) {
            throw new MissingFileException(name);
        } catch (IOException e) {
            throw new UncheckedIOException("The stored file " + name + " cannot be read", e);
        }
    }

    /** @return all that is kept, each called by its name */
    public List<Path> all() throws IOException {
        return allIn(root);
    }

    /** @param root the folder of files of some data folder */
    public static List<Path> allIn(Path root) throws IOException {
        if (!Files.isDirectory(root)) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(
                            file -> NAME.matcher(file.getFileName().toString()).matches())
                    .sorted()
                    .toList();
        }
    }

    /** Removes what nobody has named for longer than copies of the database are kept. */
    public void clear(Set<String> named, Instant now) {
        try {
            UnnamedFiles unnamed = UnnamedFiles.read(root.resolve(LEDGER));
            for (Path file : all()) {
                String name = file.getFileName().toString();
                if (named.contains(name)) {
                    continue;
                }
                Instant since = unnamed.since(name, now);
                if (since.plus(GRACE).isBefore(now)) {
                    Files.delete(file);
                } else {
                    unnamed.note(name, since);
                }
            }
            unnamed.write();
        } catch (IOException e) {
            throw new UncheckedIOException("Old files cannot be cleared away", e);
        }
    }

    private Path path(String name) {
        return root.resolve(name.substring(0, 2)).resolve(name);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
