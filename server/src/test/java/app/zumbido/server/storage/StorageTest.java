package app.zumbido.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StorageTest {
    /** Source: FIPS 180-4, the example of the one-block message 'abc'. */
    private static final String SHA_OF_ABC = "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad";

    private static final byte[] ABC = "abc".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    private Path temporary;

    private static String put(BlobStore blobs, byte[] content) {
        try (IncomingFile file = blobs.receive(new ByteArrayInputStream(content))) {
            file.keep();
            return file.name();
        }
    }

    @Test
    void leavesNothingOfAFileThatNobodyKeeps() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data"));
        BlobStore blobs = new BlobStore(folder);
        try (IncomingFile file = blobs.receive(new ByteArrayInputStream(ABC))) {
            assertThat(file.name()).isEqualTo(SHA_OF_ABC);
            assertThat(file.content()).isEqualTo(ABC);
        }
        InputStream cut = new SequenceInputStream(new ByteArrayInputStream(ABC), new InputStream() {
            @Override
            public int read() throws IOException {
                throw new IOException("cut off");
            }
        });
        assertThatThrownBy(() -> blobs.receive(cut)).hasRootCauseMessage("cut off");
        Files.writeString(folder.blobs().resolve("incoming1.tmp"), "of a server that was killed");
        assertThat(new BlobStore(folder)).isNotNull();
        try (var files = Files.walk(folder.blobs())) {
            assertThat(files.filter(Files::isRegularFile)).isEmpty();
        }
        folder.destroy();
    }

    @Test
    void keepsAFileOnceUnderItsSha256() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data"));
        BlobStore blobs = new BlobStore(folder);
        assertThat(put(blobs, ABC)).isEqualTo(SHA_OF_ABC).isEqualTo(put(blobs, ABC));
        assertThat(blobs.get(SHA_OF_ABC)).isEqualTo(ABC);
        try (var files = Files.walk(folder.blobs())) {
            assertThat(files.filter(Files::isRegularFile)).hasSize(1);
        }
        folder.destroy();
    }

    @Test
    void clearsOnlyWhatIsOldAndNamedByNobody() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data"));
        BlobStore blobs = new BlobStore(folder);
        String old = put(blobs, ABC);
        String named = put(blobs, new byte[] {1});
        String fresh = put(blobs, new byte[] {2});
        FileTime lastWeek = FileTime.from(Instant.now().minus(Duration.ofDays(7)));
        for (String name : new String[] {old, named}) {
            Files.setLastModifiedTime(
                    folder.blobs().resolve(name.substring(0, 2)).resolve(name), lastWeek);
        }
        blobs.clear(Set.of(named));
        assertThat(blobs.get(named)).hasSize(1);
        assertThat(blobs.get(fresh)).hasSize(1);
        assertThatThrownBy(() -> blobs.get(old)).isInstanceOf(RuntimeException.class);
        folder.destroy();
    }

    @Test
    void sharesItsFolderWithNobody() throws IOException {
        Path root = temporary.resolve("data");
        DataFolder first = new DataFolder(root);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(root)))
                .isEqualTo("rwx------");
        assertThatThrownBy(() -> new DataFolder(root)).hasRootCauseMessage("another Zumbido is using it");
        first.destroy();
        new DataFolder(root).destroy();
    }

    @Test
    void makesIdsThatSortByTimeAndAreOfVersion7() {
        UUID earlier = new Ids(Clock.fixed(Instant.ofEpochMilli(1_000_000), ZoneOffset.UTC)).next();
        UUID later = new Ids(Clock.fixed(Instant.ofEpochMilli(1_000_001), ZoneOffset.UTC)).next();
        assertThat(earlier.version()).isEqualTo(7);
        assertThat(earlier.variant()).isEqualTo(2);
        assertThat(earlier.toString()).isLessThan(later.toString());
    }
}
